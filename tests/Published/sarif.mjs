// Checks what stands on standard input against the part of SARIF's schema that we use; prints what is wrong.
import { readFileSync } from 'node:fs';
import Ajv from 'ajv-draft-04';

const ajv = new Ajv({ allErrors: true, strict: false, formats: {
  uri: (text) => URL.canParse(text),
  'uri-reference': (text) => URL.canParse(text, 'https://example.org/') && !/[\s"<>\\^`{|}]/.test(text),
} });
const fits = ajv.compile(JSON.parse(readFileSync(new URL('sarif-2.1.0-part.json', import.meta.url))));
const report = JSON.parse(readFileSync(0, 'utf8'));
console.log(JSON.stringify(fits(report) ? [] : fits.errors.map((e) => `${e.instancePath} ${e.message}`)));
