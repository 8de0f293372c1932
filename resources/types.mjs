// Writes what the screen knows of what it exchanges, from the committed contract: `node resources/types.mjs [folder]`.
// contract.d.ts: the types (inputs and results of single sheets are left out; the screen reads them by name).
// results.d.ts: the value of every result, by the use of a sheet on a job.
// answers.json: for each route, what its answer must hold before it is used.
import { readFileSync, writeFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';

const folder = process.argv[2] ?? 'resources/js/api';
const contract = JSON.parse(readFileSync('docs/openapi.json', 'utf8'));
const named = (schema) =>
    schema?.$ref ? contract.components.schemas[schema.$ref.split('/').at(-1)] : schema;
/** Names that an answer must have, and those of the objects that it must have, one deep. */
const needed = (schema) => {
    const of = named(schema);
    if (of?.allOf) return Object.assign({}, ...of.allOf.map(needed));
    return Object.fromEntries(
        (of?.required ?? []).map((name) => [name, named(of.properties?.[name])?.required ?? []]),
    );
};
const answers = [];
for (const [path, verbs] of Object.entries(contract.paths)) {
    if (path.startsWith('/api/reckon/')) continue;
    for (const [verb, operation] of Object.entries(verbs)) {
        const good = Object.entries(operation.responses).find(([status]) => status.startsWith('2'))?.[1];
        const schema = good?.content?.['application/json']?.schema;
        const key = operation.parameters?.some((one) => one.name === 'Idempotency-Key') ?? false;
        answers.push([verb.toUpperCase(), path.replace('/api/', ''), key, schema ? needed(schema) : {}]);
    }
}
writeFileSync(`${folder}/answers.json`, `${JSON.stringify(answers)}\n`);
const valueOf = ({ type }) => (type === 'array' ? 'unknown[]' : type);
const resultsOf = (sheet) => {
    const name = sheet.replace(/(^|[.-])(\w)/g, (_, __, letter) => letter.toUpperCase());
    const of = contract.components.schemas[`${name}Results`].properties;
    return Object.entries(of).map(([result, { properties }]) => `        ${result}: ${valueOf(properties.value)};\n`);
};
const uses = Object.entries(contract['x-uses']).map(
    ([use, sheet]) => `    '${use}': {\n${resultsOf(sheet).join('')}    };\n`,
);
writeFileSync(
    `${folder}/results.d.ts`,
    `/** The value of every result, by the use of a sheet on a job. Generated. */\nexport interface Results {\n${uses.join('')}}\n`,
);
contract.paths = {};
for (const name of Object.keys(contract.components.schemas)) {
    if (/(Input|Results)$/.test(name) && name !== 'ShownInput') delete contract.components.schemas[name];
}
writeFileSync(`${folder}/contract.d.ts`, astToString(await openapiTS(contract)));
