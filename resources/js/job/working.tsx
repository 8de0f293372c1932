import { Box } from '@chakra-ui/react';
import type { Answer, Catalogue, ShownInput } from '../api/types';
import { CORE_UNITS, say, useUnits } from '../bench/units';

const ORIGINS: Record<string, string> = {
    measured: 'measured',
    typed: 'typed',
    reckoned: 'reckoned before',
    shop: 'the workshop’s own',
    default: 'the usual figure',
};

export interface InHand {
    use: string;
    kind: 'input' | 'result';
    name: string;
}

/** How the figure in hand came about: its formula with this job's own numbers, why, and where each came from. */
export function WorkingCard({
    inHand,
    answer,
    inputs,
    catalogue,
}: {
    inHand: InHand;
    answer: Answer | undefined;
    inputs: Record<string, ShownInput> | undefined;
    catalogue: Catalogue;
}) {
    const { units } = useUnits();
    const sheet = catalogue.sheets.find((one) => one.name === answer?.sheet);
    const working = answer?.working.find((one) => one.result === inHand.name);
    const result = answer?.results[inHand.name];
    const output = sheet?.results.find((one) => one.name === inHand.name);
    const field = sheet?.inputs.find((one) => one.name === inHand.name);
    const input = inputs?.[inHand.name];
    // Whose figure it is: of so many castings, where it was taken from the workshop's own jobs.
    const originOf = (name: string, origin: string) => {
        const used = sheet?.inputs.find((one) => one.name === name);
        const rule = used?.chooses ? used.chooses + String(inputs?.[name]?.value) : used?.rule;
        const learnt = rule ? catalogue.learnt[rule] : undefined;
        const own = `the workshop’s own (${learnt} ${rule?.startsWith('time.') ? 'jobs' : 'castings'})`;
        if (learnt && used?.chooses) return `${ORIGINS[origin] ?? origin}; its figure ${own}`;
        return learnt && origin === 'shop' ? own : (ORIGINS[origin] ?? origin);
    };
    const label = (name: string) => sheet?.inputs.find((one) => one.name === name)?.label ?? name;
    const value = inHand.kind === 'result' ? result?.value : input?.value;
    const quantity = inHand.kind === 'result' ? output?.quantity : field?.quantity;
    const said = say(value, quantity, units);
    // The line with its numbers is reckoned in the core's units; what comes of it is said in both.
    const reckoned = say(value, quantity, CORE_UNITS);
    return (
        <Box bg="sunk" p={4} borderRadius="3px" aria-live="polite" data-testid="working">
            <Box fontSize="13px" color="soft" fontWeight="600" mb={1}>
                Working · {output?.label ?? field?.label}
            </Box>
            {inHand.kind === 'result' && working ? (
                <>
                    <Box fontSize="14px" color="soft">
                        {working.formula}
                    </Box>
                    <Box fontSize="16px" mt={1} overflowWrap="anywhere">
                        {working.with}
                    </Box>
                    <Box fontSize="17px" fontWeight="600">
                        = {reckoned.figure} {reckoned.unit}
                        {said.unit === reckoned.unit ? '' : ` = ${said.figure} ${said.unit}`}
                    </Box>
                    <Box fontSize="13.5px" color="soft" mt={1}>
                        {working.because}
                    </Box>
                    <ul className="origins">
                        {Object.entries(working.used).map(([name, origin]) => (
                            <li key={name}>
                                {label(name)}: {originOf(name, origin)}
                            </li>
                        ))}
                    </ul>
                    <Box fontSize="13px" color="soft" mt={1}>
                        Source: {working.source}
                    </Box>
                </>
            ) : (
                <>
                    <Box fontSize="17px" fontWeight="600">
                        {said.figure} {said.unit}
                    </Box>
                    <Box fontSize="14px" color="soft">
                        {output?.meaning ?? field?.meaning}
                    </Box>
                    {input ? (
                        <Box fontSize="13.5px" color="soft">
                            {originOf(inHand.name, input.origin)}
                        </Box>
                    ) : null}
                    {inHand.kind === 'input' && field?.accepts ? (
                        <Box fontSize="13px" color="soft">
                            You may type {field.accepts}.
                        </Box>
                    ) : null}
                </>
            )}
        </Box>
    );
}
