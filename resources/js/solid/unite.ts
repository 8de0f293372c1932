import type { Body } from './parts';
import type { ToUnite, United } from './unite.worker';

/** What a worker answers to one message; refused with its own words. */
export function asked<T>(worker: Worker, message: unknown): Promise<T> {
    return new Promise((resolve, reject) => {
        worker.onmessage = (event: MessageEvent<T | { error: string }>) => {
            worker.terminate();
            const answer = event.data;
            if (typeof answer === 'object' && answer !== null && 'error' in answer)
                reject(new Error(answer.error));
            else resolve(answer as T);
        };
        worker.onerror = (event) => {
            worker.terminate();
            reject(new Error(event.message || 'This could not be done here.'));
        };
        worker.postMessage(message);
    });
}

/** Parts that touch made one solid, seats and holes cut, away from the page’s own thread. */
export function unite(parts: ToUnite): Promise<United> {
    return asked(new Worker(new URL('./unite.worker.ts', import.meta.url), { type: 'module' }), parts);
}

const HEADER = 84;
const EACH = 50;

/** A body as a binary STL file, in mm. */
export function stlOf({ points, faces }: Body): Blob {
    const file = new DataView(new ArrayBuffer(HEADER + (EACH * faces.length) / 3));
    file.setUint32(80, faces.length / 3, true);
    for (let at = 0; at < faces.length; at += 3) {
        const corners = [0, 1, 2].map((of) => {
            const from = 3 * faces[at + of]!;
            return [points[from]!, points[from + 1]!, points[from + 2]!] as const;
        });
        const [a, b, c] = corners as unknown as [number[], number[], number[]];
        const [u, v] = [b, c].map((to) => [to[0]! - a[0]!, to[1]! - a[1]!, to[2]! - a[2]!]) as [
            [number, number, number],
            [number, number, number],
        ];
        const normal = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
        const long = Math.hypot(...normal) || 1;
        const start = HEADER + (EACH * at) / 3;
        [...normal.map((way) => way / long), ...corners.flat()].forEach((value, place) =>
            file.setFloat32(start + 4 * place, value, true),
        );
    }
    return new Blob([file.buffer], { type: 'model/stl' });
}
