import type { Schemas } from '../api/types';

export type Solid = Schemas['Solid'];
export type Stage = Solid['stage'];

export type PlainPart = Solid['parts'][number];

/** A part’s body as the graphics card takes it. */
export interface Body {
    points: Float32Array<ArrayBuffer>;
    faces: Uint32Array<ArrayBuffer>;
}

function bytes(text: string): ArrayBuffer {
    const plain = atob(text);
    const raw = new Uint8Array(plain.length);
    for (let at = 0; at < plain.length; at++) raw[at] = plain.charCodeAt(at);
    return raw.buffer;
}

export function bodyOf(part: Pick<PlainPart, 'points' | 'faces'>): Body {
    return {
        points: new Float32Array(bytes(part.points)),
        faces: new Uint32Array(bytes(part.faces)),
    };
}

/** A part as it is shown: what it is of, and its body. */
export type ShownPart = Pick<
    PlainPart,
    'kind' | 'material' | 'colour' | 'sheen' | 'is_darkened' | 'setting'
> & { body: Body };

export const shown = (parts: PlainPart[]): ShownPart[] =>
    parts.map(({ points, faces, ...part }) => ({ ...part, body: bodyOf({ points, faces }) }));

/** A body that was read here, in the colour of wax. */
export const pattern = (body: Body): ShownPart[] => [
    {
        kind: 'band',
        material: 'wax',
        colour: '#5f7f86',
        sheen: 'matt',
        is_darkened: false,
        setting: null,
        body,
    },
];
