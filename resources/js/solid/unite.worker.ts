import Module from 'manifold-3d';
import wasm from 'manifold-3d/manifold.wasm?url';
import type { Body } from './parts';
import { thinnest, type Thin } from './thin';

/** Bodies made one, with what they enclose and how many pieces they came to. */
export interface United {
    body: Body;
    volume: number;
    pieces: number;
    thin: Thin;
}

const ready = Module({ locateFile: () => wasm }).then((library) => {
    library.setup();
    return library;
});

/** What is to be one, and what is then cut out of it. */
export interface ToUnite {
    bodies: Body[];
    cuts: Body[];
}

self.onmessage = async (event: MessageEvent<ToUnite>) => {
    try {
        const { Manifold, Mesh } = await ready;
        const solid = (one: Body) => {
            const mesh = new Mesh({ numProp: 3, vertProperties: one.points, triVerts: one.faces });
            mesh.merge();
            return new Manifold(mesh);
        };
        const whole = Manifold.union(event.data.bodies.map(solid));
        const united =
            event.data.cuts.length === 0
                ? whole
                : Manifold.difference([whole, ...event.data.cuts.map(solid)]);
        const mesh = united.getMesh();
        const body = { points: new Float32Array(mesh.vertProperties), faces: new Uint32Array(mesh.triVerts) };
        const answer: United = {
            body,
            thin: thinnest(body),
            volume: united.volume(),
            pieces: united.decompose().length,
        };
        self.postMessage(answer);
    } catch (error) {
        self.postMessage({ error: error instanceof Error ? error.message : String(error) });
    }
};
