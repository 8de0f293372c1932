import { BufferAttribute, BufferGeometry, DoubleSide, Ray, Vector3 } from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import type { Body } from './parts';

/** How thin a body is, and where. */
export interface Thin {
    /** Thinner than this is one place in a hundred, mm; null where no ray met a wall. */
    wall: number | null;
    /** Those places: x, y and z of one after another. */
    spots: Float32Array<ArrayBuffer>;
}

/** Rays that are sent at the most; of a finer body every so many a triangle sends one. */
const RAYS = 40_000;
const SHARE = 0.01;
const SHOWN = 300;

/** A ray starts so far under its own triangle, mm. */
const UNDER = 1e-4;

/** The wall under each triangle, straight inward to the other side. Source: workbook 19, in. */
export function thinnest({ points, faces }: Body): Thin {
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(points, 3));
    geometry.setIndex(new BufferAttribute(faces.slice(), 1));
    const tree = new MeshBVH(geometry);
    const [a, b, c] = [new Vector3(), new Vector3(), new Vector3()];
    const [middle, inward] = [new Vector3(), new Vector3()];
    const step = Math.max(1, Math.ceil(faces.length / 3 / RAYS));
    const walls: { wall: number; at: [number, number, number] }[] = [];
    for (let at = 0; at < faces.length; at += 3 * step) {
        a.fromArray(points, 3 * faces[at]!);
        b.fromArray(points, 3 * faces[at + 1]!);
        c.fromArray(points, 3 * faces[at + 2]!);
        middle.copy(a).add(b).add(c).divideScalar(3);
        inward.copy(c.sub(a)).cross(b.sub(a));
        if (inward.lengthSq() < 1e-16) continue;
        inward.normalize();
        const ray = new Ray(middle.clone().addScaledVector(inward, UNDER), inward);
        const hit = tree.raycastFirst(ray, DoubleSide);
        if (hit) walls.push({ wall: hit.distance + UNDER, at: [middle.x, middle.y, middle.z] });
    }
    geometry.dispose();
    walls.sort((one, other) => one.wall - other.wall);
    const few = Math.floor(walls.length * SHARE);
    return {
        wall: walls[few]?.wall ?? null,
        spots: new Float32Array(walls.slice(0, Math.min(SHOWN, few + 1)).flatMap((one) => one.at)),
    };
}
