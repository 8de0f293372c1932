import { STLLoader } from 'three/examples/jsm/loaders/STLLoader.js';
import type { Body } from './parts';
import { thinnest, type Thin } from './thin';
import { threeMf } from './threeMf';

/** How every zip begins. */
const ZIP = 0x504b;

/** A pattern as it is looked at. */
export interface Seen {
    body: Body;
    thin: Thin;
}

self.onmessage = (event: MessageEvent<ArrayBuffer>) => {
    try {
        const isZip = new DataView(event.data).getUint16(0) === ZIP;
        const points = isZip
            ? threeMf(event.data)
            : new Float32Array(
                  new STLLoader().parse(event.data).getAttribute('position')
                      .array as Float32Array<ArrayBuffer>,
              );
        const body = { points, faces: Uint32Array.from({ length: points.length / 3 }, (_, at) => at) };
        const answer: Seen = { body, thin: thinnest(body) };
        self.postMessage(answer);
    } catch (error) {
        self.postMessage({ error: error instanceof Error ? error.message : String(error) });
    }
};
