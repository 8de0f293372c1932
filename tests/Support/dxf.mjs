// Reads a DXF file from standard input and says as JSON what is in it.
import DxfParser from 'dxf-parser';

let text = '';
for await (const part of process.stdin) text += part;
const dxf = new DxfParser().parseSync(text);
console.log(
    JSON.stringify(
        dxf.entities.map(({ type, layer, center, radius, vertices, text: words }) => ({ type, layer, center, radius, vertices, words })),
    ),
);
