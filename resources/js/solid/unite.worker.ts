import Module from 'manifold-3d';
import wasm from 'manifold-3d/manifold.wasm?url';
import type { Body } from './parts';

/** Bodies made one, with what they enclose and how many pieces they came to. */
export interface United {
    body: Body;
    volume: number;
    pieces: number;
}

const ready = Module({ locateFile: () => wasm }).then((library) => {
    library.setup();
    return library;
});

self.onmessage = async (event: MessageEvent<Body[]>) => {
    try {
        const { Manifold, Mesh } = await ready;
        const bodies = event.data.map((one) => {
            const mesh = new Mesh({ numProp: 3, vertProperties: one.points, triVerts: one.faces });
            mesh.merge();
            return new Manifold(mesh);
        });
        const united = Manifold.union(bodies);
        const mesh = united.getMesh();
        const answer: United = {
            body: { points: new Float32Array(mesh.vertProperties), faces: new Uint32Array(mesh.triVerts) },
            volume: united.volume(),
            pieces: united.decompose().length,
        };
        self.postMessage(answer);
    } catch (error) {
        self.postMessage({ error: error instanceof Error ? error.message : String(error) });
    }
};
