import { BufferAttribute, BufferGeometry, DoubleSide, Ray, Vector3, type Mesh } from 'three';
import { TessellateModifier } from 'three/examples/jsm/modifiers/TessellateModifier.js';
import { MeshBVH } from 'three-mesh-bvh';

/** What has something over it nearer than this lies low, mm. */
const NEAR = 2.5;
/** How dark the lowest goes. */
const DARK = 0.82;
/** A ray starts so far over its own face, mm. */
const OVER = 1e-3;

/** Between two places that are looked at it is at most so far, mm. */
const FINE = 0.45;

/** Twelve ways out, spread over half a ball round what is up. */
const WAYS = Array.from({ length: 12 }, (_, at) => {
    const up = (at + 0.5) / 12;
    const out = Math.sqrt(1 - up * up);
    const turn = at * 2.39996;
    return [out * Math.cos(turn), out * Math.sin(turn), up] as const;
});

/** Darkens every part that is to be, by how much of what is round it stands close over it. */
export function darken(parts: Mesh[]): void {
    const tree = treeOf(parts);
    const [at, up, right, ahead] = [new Vector3(), new Vector3(), new Vector3(), new Vector3()];
    const ray = new Ray();
    for (const part of parts.filter((one) => one.userData.darkened === true)) {
        const coarse = part.geometry;
        part.geometry = new TessellateModifier(FINE, 5).modify(coarse);
        part.geometry.computeBoundingBox();
        coarse.dispose();
        const place = part.geometry.getAttribute('position');
        const normal = part.geometry.getAttribute('normal');
        const colour = part.geometry.getAttribute('color');
        const known = new Map<string, number>();
        for (let i = 0; i < place.count; i++) {
            at.fromBufferAttribute(place, i);
            up.fromBufferAttribute(normal, i);
            const key = [at, up].map((one) => one.toArray().map((n) => n.toFixed(2))).join(' ');
            let light = known.get(key);
            if (light === undefined) {
                right
                    .set(Math.abs(up.z) < 0.9 ? 0 : 1, 0, Math.abs(up.z) < 0.9 ? 1 : 0)
                    .cross(up)
                    .normalize();
                ahead.copy(up).cross(right);
                ray.origin.copy(at).addScaledVector(up, OVER);
                const covered = WAYS.filter(([x, y, z]) => {
                    ray.direction
                        .set(0, 0, 0)
                        .addScaledVector(right, x)
                        .addScaledVector(ahead, y)
                        .addScaledVector(up, z);
                    return tree.raycastFirst(ray, DoubleSide, 0, NEAR) !== null;
                }).length;
                light = 1 - DARK * Math.min(1, (1.6 * covered) / WAYS.length);
                known.set(key, light);
            }
            colour.setXYZ(i, light, light, light);
        }
    }
}

function treeOf(parts: Mesh[]): MeshBVH {
    const count = parts.reduce((sum, one) => sum + one.geometry.getAttribute('position').array.length, 0);
    const points = new Float32Array(count);
    let from = 0;
    for (const one of parts) {
        points.set(one.geometry.getAttribute('position').array, from);
        from += one.geometry.getAttribute('position').array.length;
    }
    const whole = new BufferGeometry();
    whole.setAttribute('position', new BufferAttribute(points, 3));
    return new MeshBVH(whole);
}
