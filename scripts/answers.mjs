// Writes what each address of the API answers, as JSON Schema made of the contract's own types, beside the built
// contract. The server puts it into the description of the API.
import { mkdirSync, writeFileSync } from 'node:fs';
import { createGenerator } from 'ts-json-schema-generator';

const { definitions } = createGenerator({
  path: 'contract/answers.ts',
  tsconfig: 'contract/tsconfig.json',
  type: 'Answers',
  skipTypeCheck: true,
  additionalProperties: true,
  encodeRefs: false,
}).createSchema('Answers');

/** A name that OpenAPI takes: `EventOf<"hooked">` becomes `EventOf.hooked`. */
const plain = (name) => name.replace(/[^A-Za-z0-9]+/g, '.').replace(/\.$/, '');
const rename = (value) =>
  Array.isArray(value)
    ? value.map(rename)
    : value !== null && typeof value === 'object'
      ? Object.fromEntries(
          Object.entries(value).map(([key, each]) => [
            key,
            key === '$ref'
              ? each.replace(/^#\/definitions\/(.*)$/, (_, name) => `#/components/schemas/${plain(name)}`)
              : rename(each),
          ]),
        )
      : value;

const { Answers: answers, ...named } = definitions;
const schemas = Object.fromEntries(Object.entries(named).map(([name, schema]) => [plain(name), rename(schema)]));
mkdirSync('contract/dist', { recursive: true });
writeFileSync('contract/dist/answers.json', JSON.stringify({ answers: rename(answers.properties), schemas }));
