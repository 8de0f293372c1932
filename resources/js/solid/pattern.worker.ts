import { STLLoader } from 'three/examples/jsm/loaders/STLLoader.js';
import type { Body } from './parts';
import { thinnest, type Thin } from './thin';

/** A pattern as it is looked at. */
export interface Seen {
    body: Body;
    thin: Thin;
}

self.onmessage = (event: MessageEvent<ArrayBuffer>) => {
    try {
        const points = new Float32Array(
            new STLLoader().parse(event.data).getAttribute('position').array as Float32Array<ArrayBuffer>,
        );
        const body = { points, faces: Uint32Array.from({ length: points.length / 3 }, (_, at) => at) };
        const answer: Seen = { body, thin: thinnest(body) };
        self.postMessage(answer);
    } catch (error) {
        self.postMessage({ error: error instanceof Error ? error.message : String(error) });
    }
};
