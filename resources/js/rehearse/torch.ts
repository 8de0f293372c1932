import type { Schemas } from '../api/types';

export type Node = Schemas['HeatNode'];
export type Contact = Schemas['HeatContact'];
export type Outline = Schemas['HeatLesson']['outlines'][number];
export type Torch = Schemas['HeatLesson']['torches'][number];

/** Where the flame is, and how it is held. mm, y down. */
export interface Flame {
    x: number;
    y: number;
    /** 0 sharp to 1 bushy. */
    spread: number;
    /** 1 at its usual distance, farther is weaker and wider. */
    distance: number;
    on: boolean;
}

/** A moment of flame with what the other hand did in it, as the core takes it. */
export interface Move extends Flame {
    acts: string[];
}

export interface Seen {
    sign: string;
    at: string;
    seen: string;
}

/** Something that the eye sees, and at which joints or parts. */
export interface Sight {
    seen: string;
    places: string[];
    /** The moment when it was last seen. */
    moment: number;
}

/** So many moments an eye keeps what it saw, and so much of it. */
const [KEPT, MOST] = [5, 3];

/** What is seen now, with what was seen a second before; the same thing at several places is one. */
export function alsoSeen(before: Sight[], signs: Seen[], moment: number): Sight[] {
    const lately = before.filter((one) => moment - one.moment < KEPT);
    return signs
        .reduce((sights, { seen, at }) => {
            const places = sights.find((one) => one.seen === seen)?.places ?? [];
            const sight = { seen, places: [...new Set([...places, at])], moment };
            return [...sights.filter((one) => one.seen !== seen), sight];
        }, lately)
        .slice(-MOST);
}

/** The piece at one moment: what is sent back to the core, and how it looks. */
export interface Moment {
    at: number;
    nodes: Node[];
    contacts: Contact[];
    /** How far along the glows each node is. */
    glows: number[];
}

/** One moment of the core, ms. */
export const MOMENT = 200;

export const FARTHEST = 4;

/** How wide the flame is where it is held, mm. */
export function radius(torch: Torch, flame: Flame): number {
    return (torch.sharpest_mm + flame.spread * (torch.bushiest_mm - torch.sharpest_mm)) * flame.distance;
}
