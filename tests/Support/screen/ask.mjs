// Builds the screen's pure logic and answers calls to it, one JSON line each, until nobody asks any more.
import { createInterface } from 'node:readline';
import { rm } from 'node:fs/promises';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'vite';

const entry = fileURLToPath(new URL('entry.ts', import.meta.url));
const out = fileURLToPath(new URL(`../../../storage/framework/screen-${process.pid}`, import.meta.url));
const kept = new Map();
globalThis.localStorage = {
    getItem: (name) => kept.get(name) ?? null,
    setItem: (name, value) => kept.set(name, value),
    removeItem: (name) => kept.delete(name),
};
// A key of its own is listed as one of the storage's, as a browser does.
globalThis.localStorage = new Proxy(globalThis.localStorage, {
    ownKeys: () => [...kept.keys()],
    getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
});
globalThis.window = globalThis;
globalThis.addEventListener = () => {};
globalThis.dispatchEvent = () => true;
globalThis.document = { addEventListener() {}, createElement: () => ({ style: {} }), documentElement: { style: {} }, head: {}, querySelectorAll: () => [] };

await build({
    configFile: false, logLevel: 'silent',
    build: { ssr: entry, outDir: out, emptyOutDir: true, minify: false, rollupOptions: { output: { entryFileNames: 'screen.mjs' } } },
});
const { calls } = await import(pathToFileURL(`${out}/screen.mjs`));
await rm(out, { recursive: true });
for await (const line of createInterface({ input: process.stdin })) {
    const [name, given] = JSON.parse(line);
    let said;
    try {
        said = { answer: (await calls[name](...given)) ?? null };
    } catch (error) {
        said = { error: String(error.stack) };
    }
    process.stdout.write(`${JSON.stringify(said)}\n`);
}
process.exit(0);
