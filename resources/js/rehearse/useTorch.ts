import { useCallback, useEffect, useRef, useState } from 'react';
import { OfflineError, post, Trouble } from '../api/client';
import type { Schemas } from '../api/types';
import {
    alsoSeen,
    FARTHEST,
    MOMENT,
    type Contact,
    type Flame,
    type Moment,
    type Move,
    type Node,
    type Seen,
    type Sight,
} from './torch';

type Piece = Pick<Schemas['HeatLesson'], 'nodes' | 'links' | 'contacts'>;

/** Longest rehearsal, moments. */
const MOST = 1500;
const AGAIN = 500;
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

interface Step {
    results: {
        nodes: { value: Node[] };
        contacts: { value: Contact[] };
        looks: { value: { glow_level: number }[] };
        signs: { value: Seen[] };
        at: { value: number };
    };
}

/** What the canvas draws between: two moments, and when the later one came. */
export interface Shown {
    before: Moment;
    now: Moment;
    since: number;
    flashes: { joint: string; since: number }[];
}

function begun(piece: Piece): Moment {
    return { at: 0, nodes: piece.nodes, contacts: piece.contacts, glows: piece.nodes.map(() => 0) };
}

/** At how many places solder is still to flow. */
const toFlow = (contacts: Contact[]) => contacts.filter((one) => one.now && one.solder !== 'flowed').length;

/**
 * Burns a piece moment by moment: a fifth of a second of flame is sent, and the next when its answer is there and has
 * been shown. A slow line slows it, and never jumps it.
 */
export function useTorch(piece: Piece, torch: string, dark: boolean, script: Move[] | null, pace: number) {
    const shown = useRef<Shown>({ before: begun(piece), now: begun(piece), since: 0, flashes: [] });
    const flame = useRef<Flame>({ x: 0, y: 0, spread: 1, distance: 1, on: false });
    const acts = useRef<string[]>([]);
    const moves = useRef<Move[]>([]);
    const isRunning = useRef(false);
    const isDark = useRef(dark);
    const quick = useRef(pace);
    const [seen, setSeen] = useState<Sight[]>([]);
    const [state, setState] = useState<'cold' | 'burning' | 'ended'>('cold');
    const [left, setLeft] = useState(() => toFlow(piece.contacts));
    const [isSlow, setSlow] = useState(false);
    const [trouble, setTrouble] = useState<Error | null>(null);
    useEffect(() => {
        isDark.current = dark;
        quick.current = pace;
    }, [dark, pace]);
    const end = useCallback(() => {
        isRunning.current = false;
        setState('ended');
    }, []);
    useEffect(() => () => void (isRunning.current = false), []);

    const burn = useCallback(
        async (move: Move): Promise<Step> => {
            const { now } = shown.current;
            for (;;) {
                try {
                    return await post<Step>('reckon/heat.step', {
                        nodes: now.nodes,
                        links: piece.links,
                        contacts: now.contacts,
                        at: now.at,
                        torch,
                        dark: isDark.current,
                        ...move,
                    });
                } catch (error) {
                    if (!(error instanceof OfflineError || error instanceof Trouble) || !isRunning.current)
                        throw error;
                    setSlow(true);
                    await pause(AGAIN);
                }
            }
        },
        [piece.links, torch],
    );

    /** Lights it, or goes on with what was written down before. */
    const begin = useCallback(async () => {
        if (isRunning.current) return;
        isRunning.current = true;
        setState('burning');
        try {
            while (isRunning.current && moves.current.length < (script?.length ?? MOST)) {
                const started = performance.now();
                const move = script?.[moves.current.length] ?? { ...flame.current, acts: acts.current };
                acts.current = [];
                if (script) flame.current = { ...move };
                const { results } = await burn(move);
                if (!isRunning.current) return;
                moves.current.push(move);
                const now = performance.now();
                setSlow(now - started > 2 * MOMENT);
                const flashes = results.signs.value.filter((one) => one.sign === 'flashes');
                shown.current = {
                    before: shown.current.now,
                    now: {
                        at: results.at.value,
                        nodes: results.nodes.value,
                        contacts: results.contacts.value,
                        glows: results.looks.value.map((look) => look.glow_level),
                    },
                    since: now,
                    flashes: [
                        ...shown.current.flashes.filter((one) => now - one.since < 4 * MOMENT),
                        ...flashes.map((one) => ({ joint: one.at, since: now })),
                    ],
                };
                setLeft(toFlow(results.contacts.value));
                const moment = moves.current.length;
                if (results.signs.value.length > 0)
                    setSeen((before) => alsoSeen(before, results.signs.value, moment));
                await pause(Math.max(0, MOMENT / quick.current - (performance.now() - started)));
            }
            end();
        } catch (error) {
            isRunning.current = false;
            setTrouble(error as Error);
            setState('ended');
        }
    }, [burn, script, end]);

    const act = useCallback(
        (what: string) => {
            acts.current = [...acts.current, what];
            void begin();
        },
        [begin],
    );
    const lead = useCallback((change: (flame: Flame) => Partial<Flame>) => {
        const led = { ...flame.current, ...change(flame.current) };
        flame.current = {
            ...led,
            // To a hundredth of a mm: no hand is steadier.
            x: Math.round(led.x * 100) / 100,
            y: Math.round(led.y * 100) / 100,
            distance: Math.min(FARTHEST, Math.max(1, led.distance)),
            spread: Math.min(1, Math.max(0, led.spread)),
        };
        return flame.current;
    }, []);
    const look = useCallback(() => ({ shown: shown.current, flame: flame.current }), []);
    const played = useCallback(() => moves.current, []);
    return { look, lead, played, seen, left, state, isSlow, trouble, begin, act, end };
}

export type Torchwork = ReturnType<typeof useTorch>;
