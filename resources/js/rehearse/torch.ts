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
