import { say, useUnits } from '../../bench/units';
import { decision, Head, Piece, Rows, useSaid, type Printed, type Stone } from '../parts';

/** What goes with the piece: what it is, what it weighs, and how it is cared for. */
export function HandOverSheet({ job }: Printed) {
    const said = useSaid(job);
    const typed = (path: string) => decision(job, path)?.typed;
    const { units } = useUnits();
    const measured = (value: unknown, quantity: string) => {
        const words = say(value, quantity, units);
        return value === undefined ? '' : `${words.figure} ${words.unit}`;
    };
    const kept = (path: string, quantity: string) => measured(decision(job, path)?.value, quantity);
    const advice = (job.answers['care.advice']?.results.advice?.value ?? []) as { words: string }[];
    const left = (job.answers['hand.over']?.results.left?.value ?? []) as { look: string }[];
    const stones = job.document.stones as unknown as Stone[];
    return (
        <>
            <Head job={job} title="Hand-over" />
            <Piece job={job} />
            <h2>The piece</h2>
            <Rows
                rows={[
                    ['size', typed('handover.size_measured')],
                    ['weighs, stones in', kept('handover.piece_mass', 'mass')],
                    ['metal in it', said('hand.over', 'metal_mass', 'mass')],
                    ['stones, carats', typed('handover.stones_carats')],
                    ['metal', typed('brief.alloy')?.replaceAll('-', ' ')],
                    ['finish', typed('finish.finish')],
                    ['mark', typed('handover.mark')],
                ]}
            />
            {stones.length > 0 ? (
                <>
                    <h2>Stones</h2>
                    <table>
                        <tbody>
                            {stones.map((stone, at) => (
                                <tr key={at}>
                                    <td>
                                        {stone.count ? `${stone.count.typed} × ` : ''}
                                        {[stone.shape?.typed, stone.species?.typed.replaceAll('-', ' ')]
                                            .filter(Boolean)
                                            .join(' ')}
                                    </td>
                                    <td>
                                        {[stone.length, stone.width]
                                            .flatMap((one) => (one ? [measured(one.value, 'length')] : []))
                                            .join(' × ')}
                                    </td>
                                    <td>{stone.weighed_carats ? `${stone.weighed_carats.typed} ct` : ''}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </>
            ) : null}
            {decision(job, 'handover.client_metal') ? (
                <>
                    <h2>Your metal</h2>
                    <Rows
                        rows={[
                            ['given', kept('handover.client_metal', 'mass')],
                            ['returned', kept('handover.client_returned', 'mass')],
                            ['still with us', said('hand.over', 'client_balance', 'mass')],
                        ]}
                    />
                </>
            ) : null}
            <h2>How to care for it</h2>
            <ul>
                {advice.map((one) => (
                    <li key={one.words}>{one.words}</li>
                ))}
            </ul>
            {left.length > 0 ? (
                <p className="no-print">Not yet looked at: {left.map((one) => one.look).join('; ')}.</p>
            ) : null}
            <table style={{ marginTop: '14mm' }}>
                <tbody>
                    <tr>
                        <td>handed over, date ______________</td>
                        <td>received ______________________</td>
                    </tr>
                </tbody>
            </table>
        </>
    );
}
