import { Box, Flex } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { get } from '../api/client';
import type { Schemas } from '../api/types';
import { Act } from '../bench/Act';
import { Refused } from '../bench/Refused';
import { hiss } from '../shell/sound';
import { Afterwards } from './Afterwards';
import { Choose } from './Choose';
import { HeatStage } from './HeatStage';
import { Held } from './Held';
import { OtherHand } from './OtherHand';
import { SetUp, type Laid } from './SetUp';
import type { Move } from './torch';
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
    /** How many times as quick as at the bench. */
    pace: string;
    onTake: (take: Take) => void;
    /** Lays it otherwise, before the torch is lit. */
    onLay: (laid: Partial<Laid>) => void;
    onPace: (pace: string) => void;
    onTorch: (torch: string) => void;
}

const PACES: [string, string][] = [
    ['1', 'as at the bench'],
    ['0.5', 'half as quick'],
    ['2', 'twice as quick'],
    ['4', 'four times as quick'],
];

const COLD = {
    ready: 'Cold: coat, flux and solder as they lie.',
    bare: 'Cold and bare: coat it, flux it and lay its solder first.',
};

export const scriptOf = (done: Rehearsed) => done.moves as unknown as Move[];

/** One rehearsal from the cold piece to what became of it. */
export function HeatRun({ lesson, take, pace, onTake, onLay, onPace, onTorch }: Props) {
    const { script, words } = take;
    const kind = take.torch ?? lesson.torch;
    const [dark, setDark] = useState(false);
    const [lit, setLit] = useState<boolean | null>(null);
    const torch = lesson.torches.find((one) => one.name === kind) ?? lesson.torches[0]!;
    const work = useTorch(lesson, kind, dark, script, Number(pace));
    const { state, lead, played, begin, act, end, seen } = work;
    const keep = useKept();
    const shown = useMutation({
        mutationFn: () =>
            get<Rehearsed>(
                `lessons/${lesson.key}/shown?torch=${kind}&support=${lesson.support}&bare=${Number(lesson.bare)}`,
            ),
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
        const { key, support, bare } = lesson;
        mutate({ lesson: key, torch: kind, support, bare, moves: played() });
    }, [state, script, mutate, played, lesson, kind]);
    useEffect(() => {
        if (script) void begin();
    }, [script, begin]);
    useEffect(() => hiss(lit === true && state === 'burning'), [lit, state]);
    const anew = () => onTake({ script: null, words: '', torch: kind });
    const said = seen.map((one) => `${one.places.join(', ')}: ${one.seen}`).join(' · ');
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
                {script ? null : <Held lead={lead} />}
                <Act kind="line" aria-pressed={dark} onClick={() => setDark(!dark)}>
                    {dark ? 'lamp on' : 'lamp off'}
                </Act>
            </Flex>
            <Flex gap={2} wrap="wrap" align="center" my={2}>
                <SetUp
                    lesson={lesson}
                    torch={kind}
                    isSet={state !== 'cold' || script !== null}
                    isPlayed={script !== null}
                    onLay={onLay}
                    onTorch={onTorch}
                />
                <Choose label="Pace" value={pace} options={PACES} onChange={onPace} />
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
                    {said || COLD[lesson.bare ? 'bare' : 'ready']}
                </Box>
                {work.isSlow ? <Box color="soft">The line is slow, and so is the fire.</Box> : null}
            </Flex>
            {script === null && state !== 'ended' ? (
                <OtherHand nodes={lesson.nodes} contacts={lesson.contacts} isHot={lit !== null} onAct={act} />
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
