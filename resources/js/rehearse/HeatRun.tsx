import { Box, Flex, NativeSelect } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { get } from '../api/client';
import type { Schemas } from '../api/types';
import { Act } from '../bench/Act';
import { Refused } from '../bench/Refused';
import { hiss } from '../shell/sound';
import { Afterwards } from './Afterwards';
import { HeatStage } from './HeatStage';
import { OtherHand } from './OtherHand';
import type { Flame, Move } from './torch';
import { useKept } from './useKept';
import { useTorch } from './useTorch';

type Rehearsed = Schemas['Rehearsed'];

/** One go at a lesson: led by hand, or played from moves that are there. */
export interface Take {
    script: Move[] | null;
    /** What is played. */
    words: string;
    /** The torch in hand; the lesson’s own unless said. */
    torch: string | null;
}

interface Props {
    lesson: Schemas['HeatLesson'];
    take: Take;
    onTake: (take: Take) => void;
    /** Lays it on something else, before the torch is lit. */
    onLay: (support: string) => void;
}

const SUPPORTS: [string, string][] = [
    ['charcoal', 'on charcoal'],
    ['firebrick', 'on firebrick'],
    ['third-arm', 'in a third arm'],
];
const PACES: [string, string][] = [
    ['1', 'as at the bench'],
    ['0.5', 'half as quick'],
    ['2', 'twice as quick'],
];

export const scriptOf = (done: Rehearsed) => done.moves as unknown as Move[];

/** One rehearsal from the cold piece to what became of it. */
export function HeatRun({ lesson, take: { script, words, torch: held }, onTake, onLay }: Props) {
    const [kind, setKind] = useState(held ?? lesson.torch);
    const [dark, setDark] = useState(false);
    const [lit, setLit] = useState(false);
    const [pace, setPace] = useState('1');
    const torch = lesson.torches.find((one) => one.name === kind) ?? lesson.torches[0]!;
    const work = useTorch(lesson, kind, dark, script, Number(pace));
    const { state, lead, played, begin, act, end, seen } = work;
    const keep = useKept();
    const shown = useMutation({
        mutationFn: () =>
            get<Rehearsed>(`lessons/${lesson.key}/shown?torch=${kind}&support=${lesson.support}`),
        onSuccess: (good) =>
            onTake({ script: scriptOf(good), words: 'A good hand, by the tool', torch: kind }),
    });
    const turn = useCallback(() => {
        setLit(lead((flame) => ({ on: !flame.on })).on);
        void begin();
    }, [lead, begin]);
    const finish = useCallback(() => {
        lead(() => ({ on: false }));
        setLit(false);
        end();
    }, [lead, end]);
    // What was led is kept once, as soon as it is over; what was only played is not.
    const kept = useRef(false);
    const { mutate } = keep;
    useEffect(() => {
        if (state !== 'ended' || script || kept.current || played().length === 0) return;
        kept.current = true;
        mutate({ lesson: lesson.key, torch: kind, support: lesson.support, moves: played() });
    }, [state, script, mutate, played, lesson, kind]);
    useEffect(() => {
        if (script) void begin();
    }, [script, begin]);
    useEffect(() => hiss(lit && state === 'burning'), [lit, state]);
    const anew = () => onTake({ script: null, words: '', torch: kind });
    const last = seen.at(-1);
    const keys = { ' ': turn, Enter: finish, d: () => setDark((now) => !now) };
    return (
        <Box>
            <Flex gap={2} wrap="wrap" align="center" my={2}>
                {script ? (
                    <Box fontWeight="600">{words}</Box>
                ) : (
                    <>
                        <Act kind={lit ? 'line' : 'main'} disabled={state === 'ended'} onClick={turn}>
                            {lit ? 'Torch away' : 'Torch on'}
                        </Act>
                        <Act kind={lit ? 'line' : 'offer'} disabled={state !== 'burning'} onClick={finish}>
                            It is done
                        </Act>
                    </>
                )}
                <Choose
                    label="Torch"
                    value={kind}
                    isSet={state !== 'cold'}
                    options={lesson.torches.map((one) => [one.name, one.label])}
                    onChange={setKind}
                />
                <Choose
                    label="Lies on"
                    value={lesson.support}
                    isSet={state !== 'cold' || script !== null}
                    options={SUPPORTS}
                    onChange={onLay}
                />
                <Choose label="Pace" value={pace} options={PACES} onChange={setPace} />
                {script ? null : <Held lead={lead} />}
                <Act kind="line" aria-pressed={dark} onClick={() => setDark(!dark)}>
                    {dark ? 'lamp on' : 'lamp off'}
                </Act>
                {state === 'cold' ? (
                    <Act kind="turn" loading={shown.isPending} onClick={() => shown.mutate()}>
                        Show me a good one
                    </Act>
                ) : null}
            </Flex>
            <HeatStage
                outlines={lesson.outlines}
                work={work}
                torch={torch}
                support={lesson.support}
                dark={dark}
                isLed={script === null && state !== 'ended'}
                keys={keys}
            />
            <Flex minH="30px" gap={4} py={1} wrap="wrap">
                <Box
                    role="status"
                    fontWeight="600"
                    data-testid="seen"
                    data-state={state}
                    data-left={work.left}
                >
                    {last ? `${last.at}: ${last.seen}` : 'Cold: coat, flux and solder as they lie.'}
                </Box>
                {work.isSlow ? <Box color="soft">The line is slow, and so is the fire.</Box> : null}
            </Flex>
            {script === null && state !== 'ended' ? (
                <OtherHand
                    nodes={lesson.nodes}
                    contacts={lesson.contacts}
                    isBurning={state === 'burning'}
                    onAct={act}
                />
            ) : null}
            <Refused error={work.trouble ?? keep.error ?? shown.error} />
            {state === 'ended' && script ? (
                <Flex gap={2} wrap="wrap" my={2}>
                    <Act kind="main" onClick={anew}>
                        Try it again
                    </Act>
                    <Act kind="line" onClick={() => onTake({ script: [...script], words, torch: kind })}>
                        Once more
                    </Act>
                </Flex>
            ) : null}
            {keep.data ? (
                <Afterwards
                    done={keep.data}
                    onAnew={anew}
                    onAgain={() => onTake({ script: scriptOf(keep.data), words: 'As it was', torch: kind })}
                    onShown={() => shown.mutate()}
                />
            ) : null}
            <Box color="soft" fontSize="14px" pt={2}>
                The flame follows pointer, finger or arrow keys; wheel, pinch, + and − hold it nearer and
                farther, [ and ] make it sharper and bushier, the space bar takes it on and off, d is the
                lamp, Enter the end. A model, for learning what to look for: no figure to set a torch by, and
                no licence to use one. Learn torch work beside somebody qualified; face and eyes guarded, hair
                and sleeves tied, alcohol away from the flame.
            </Box>
        </Box>
    );
}

/** One of a few, in a row of buttons. */
function Choose({
    label,
    value,
    options,
    isSet = false,
    onChange,
}: {
    label: string;
    value: string;
    options: [string, string][];
    isSet?: boolean;
    onChange: (value: string) => void;
}) {
    return (
        <NativeSelect.Root size="sm" w="auto" disabled={isSet}>
            <NativeSelect.Field
                aria-label={label}
                value={value}
                h="44px"
                onChange={(event) => onChange(event.target.value)}
            >
                {options.map(([name, words]) => (
                    <option key={name} value={name}>
                        {words}
                    </option>
                ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
        </NativeSelect.Root>
    );
}

/** How the flame is held, for who has neither wheel nor keys. */
function Held({ lead }: { lead: ReturnType<typeof useTorch>['lead'] }) {
    return (
        <Flex role="group" aria-label="How the flame is held" wrap="wrap">
            {(
                [
                    ['nearer', 'Hold it nearer', (one: Flame) => ({ distance: one.distance / 1.25 })],
                    ['farther', 'Hold it farther', (one: Flame) => ({ distance: one.distance * 1.25 })],
                    ['sharper', 'Make it sharper', (one: Flame) => ({ spread: one.spread - 0.25 })],
                    ['bushier', 'Make it bushier', (one: Flame) => ({ spread: one.spread + 0.25 })],
                ] as const
            ).map(([label, said, how]) => (
                <Act key={label} kind="quiet" px={2} minW="44px" aria-label={said} onClick={() => lead(how)}>
                    {label}
                </Act>
            ))}
        </Flex>
    );
}
