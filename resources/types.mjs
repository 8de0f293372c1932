// Writes the types of what the screen exchanges, from the committed contract: `node resources/types.mjs [file]`.
// Inputs and results of single sheets are left out; the screen reads them by name.
import { readFileSync, writeFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';

const contract = JSON.parse(readFileSync('docs/openapi.json', 'utf8'));
contract.paths = {};
for (const name of Object.keys(contract.components.schemas)) {
    if (/(Input|Results)$/.test(name) && name !== 'ShownInput') delete contract.components.schemas[name];
}
writeFileSync(process.argv[2] ?? 'resources/js/api/contract.d.ts', astToString(await openapiTS(contract)));
