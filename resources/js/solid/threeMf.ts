import { strFromU8, unzipSync } from 'three/examples/jsm/libs/fflate.module.js';
import { Matrix4, Vector3 } from 'three';

const TAG = /<(?:[\w.-]+:)?(model|object|vertex|triangle|component|item)\b([^>]*)>/g;
const WORD = /([\w:]+)\s*=\s*["']([^"']*)["']/g;

const UNITS: Record<string, number> = {
    micron: 0.001,
    millimeter: 1,
    centimeter: 10,
    inch: 25.4,
    foot: 304.8,
    meter: 1000,
};

interface Placed {
    id: string;
    place: Matrix4;
}

interface Drawn {
    vertices: number[];
    corners: number[];
    components: Placed[];
}

const words = (text: string) =>
    Object.fromEntries([...text.matchAll(WORD)].map(([, name, value]) => [name, value])) as Record<
        string,
        string | undefined
    >;

function placed(of: Record<string, string | undefined>): Placed {
    const n = (of.transform ?? '1 0 0 0 1 0 0 0 1 0 0 0').trim().split(/\s+/).map(Number);
    const [a, b, c, d, e, f, g, h, i, x, y, z] = n as [
        ...[number, number, number, number, number, number],
        ...[number, number, number, number, number, number],
    ];
    return {
        id: of.objectid ?? '',
        // The format writes its rows where three has columns.
        place: new Matrix4().set(a, d, g, x, b, e, h, y, c, f, i, z, 0, 0, 0, 1),
    };
}

/** The triangles of a 3MF file as it is built, for the look of it; the server has read and judged it. */
export function threeMf(file: ArrayBuffer): Float32Array<ArrayBuffer> {
    const models = unzipSync(new Uint8Array(file), { filter: (one) => /\.model$/i.test(one.name) });
    const text = strFromU8(Object.values(models)[0] ?? new Uint8Array());
    const objects = new Map<string, Drawn>();
    const items: Placed[] = [];
    let scale = 1;
    let now: Drawn = { vertices: [], corners: [], components: [] };
    for (const [, tag, rest] of text.matchAll(TAG)) {
        const said = words(rest ?? '');
        if (tag === 'model') scale = UNITS[said.unit ?? 'millimeter'] ?? 1;
        else if (tag === 'object')
            objects.set(said.id ?? '', (now = { vertices: [], corners: [], components: [] }));
        else if (tag === 'vertex') now.vertices.push(Number(said.x), Number(said.y), Number(said.z));
        else if (tag === 'triangle') now.corners.push(Number(said.v1), Number(said.v2), Number(said.v3));
        else if (tag === 'component') now.components.push(placed(said));
        else items.push(placed(said));
    }
    const points: number[] = [];
    const stand = ({ id, place }: Placed) => {
        const drawn = objects.get(id);
        if (!drawn) return;
        const turned = place.determinant() < 0;
        for (let at = 0; at < drawn.corners.length; at += 3)
            for (const of of turned ? [0, 2, 1] : [0, 1, 2])
                points.push(
                    ...new Vector3()
                        .fromArray(drawn.vertices, 3 * drawn.corners[at + of]!)
                        .applyMatrix4(place)
                        .multiplyScalar(scale),
                );
        for (const part of drawn.components)
            stand({ id: part.id, place: place.clone().multiply(part.place) });
    };
    items.forEach(stand);
    return new Float32Array(points);
}
