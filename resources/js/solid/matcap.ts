import { CanvasTexture, SRGBColorSpace, type Texture } from 'three';

const SIZE = 128;

/** Toward the bench lamp: left, up, near. */
const LAMP = [-0.42, 0.62, 0.66] as const;

/** How a material takes the light: of its own colour, of the lamp, of the room’s dark edge. */
const MATERIALS = {
    metal: { dark: 0.42, diffuse: 0.55, shine: 0.7, hard: 22, room: 0.3 },
    stone: { dark: 0.4, diffuse: 0.5, shine: 0.95, hard: 40, room: 0.25 },
    wax: { dark: 0.46, diffuse: 0.55, shine: 0.14, hard: 8, room: 0 },
    clear: { dark: 0.7, diffuse: 0.3, shine: 0.1, hard: 8, room: 0 },
} as const;

/** Metal that is not polished spreads the lamp, and shows less of the room. */
const SHEENS = {
    polished: {},
    satin: { dark: 0.5, diffuse: 0.46, shine: 0.12, hard: 4, room: 0.06 },
    matt: { dark: 0.52, diffuse: 0.4, shine: 0.04, hard: 3, room: 0 },
    cast: { dark: 0.4, diffuse: 0.5, shine: 0.03, hard: 3, room: 0 },
} as const;

export type Material = keyof typeof MATERIALS;
export type Sheen = keyof typeof SHEENS;

const made = new Map<string, Texture>();

/** A ball of the material in the light of the bench lamp: a face takes its colour from where the ball faces as it. */
export function matcapOf(material: Material, colour: string, sheen: Sheen): Texture {
    const key = `${material} ${colour} ${sheen}`;
    const known = made.get(key);
    if (known) return known;
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = SIZE;
    const context = canvas.getContext('2d')!;
    const image = context.createImageData(SIZE, SIZE);
    const own = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
    const kind = { ...MATERIALS[material], ...(material === 'metal' ? SHEENS[sheen] : {}) };
    for (let y = 0; y < SIZE; y++) {
        for (let x = 0; x < SIZE; x++) {
            const nx = (2 * (x + 0.5)) / SIZE - 1;
            const ny = 1 - (2 * (y + 0.5)) / SIZE;
            const nz = Math.sqrt(Math.max(0, 1 - nx * nx - ny * ny));
            const toLamp = nx * LAMP[0] + ny * LAMP[1] + nz * LAMP[2];
            const light = kind.dark + kind.diffuse * Math.max(0, toLamp);
            // The lamp itself, and the dark of the room below, as a polished face shows them.
            const shine = 255 * kind.shine * Math.max(0, 2 * toLamp * nz - LAMP[2]) ** kind.hard;
            const room =
                1 - kind.room * Math.max(0, -ny * 1.4 - 0.1) + kind.room * 0.5 * Math.max(0, ny - 0.4);
            const at = 4 * (y * SIZE + x);
            own.forEach((value, way) => {
                image.data[at + way] = Math.min(255, value * light * room + shine);
            });
            image.data[at + 3] = 255;
        }
    }
    context.putImageData(image, 0, 0);
    const texture = new CanvasTexture(canvas);
    texture.colorSpace = SRGBColorSpace;
    made.set(key, texture);
    return texture;
}
