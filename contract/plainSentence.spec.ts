import { getMetadataStorage } from 'class-validator';
import { plainSentence } from './plainSentence.js';
import { ROUTES } from './routes.js';
import { problemsIn } from './validation.js';

test.each([
  ['perMinute must not be greater than 240', 'It is 240 at most.'],
  [
    'each value in species must be one of the following values: carp, pike',
    'Of each in the list: it is one of these: carp, pike.',
  ],
  ['property mood should not exist', '"mood" is not a field that is known here.'],
  ['A water needs a name that you will know it by.', 'A water needs a name that you will know it by.'],
])('%s', (text, plain) => expect(plainSentence(text, 'mood')).toBe(plain));

const WRONG: readonly unknown[] = [
  undefined,
  null,
  {},
  [],
  [[]],
  [{}],
  -1e9,
  1e9,
  0.5,
  NaN,
  '',
  'x',
  true,
  ['x', 'x'],
  Array(5000).fill('x'),
];

const LIBRARY = /^([\w-]+|each value in [\w-]+) (must|should)\b|conforming|nested property|regular expression/i;

type Contract = new () => object;

/** Every class of the contract with the fields that it checks. */
function contracts(): [Contract, string[]][] {
  const kept = getMetadataStorage() as unknown as {
    validationMetadatas: ReadonlyMap<Contract, readonly { propertyName: string }[]>;
  };
  return [...kept.validationMetadatas].map(([contract, checks]) => [
    contract,
    [...new Set(checks.map(({ propertyName }) => propertyName))],
  ]);
}

test('no field of any class is told in the words of the validator', () => {
  expect(ROUTES.length).toBeGreaterThan(0);
  const said = new Set<string>();
  for (const [contract, names] of contracts()) {
    for (const name of [...names, 'mood']) {
      for (const value of WRONG) {
        for (const { sentence } of problemsIn(contract, { [name]: value })) said.add(sentence);
      }
    }
  }
  expect(said.size).toBeGreaterThan(60);
  expect([...said].filter((sentence) => LIBRARY.test(sentence))).toEqual([]);
});
