// Writes each JSON document of a file, a line each, as the npm package json-canonicalize does.
import { readFileSync } from 'node:fs';
import { canonicalize } from 'json-canonicalize';

for (const line of readFileSync(process.argv[2], 'utf8').split('\n')) console.log(canonicalize(JSON.parse(line)));
