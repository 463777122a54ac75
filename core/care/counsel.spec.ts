import { basisText, COMMON_PRACTICE, findings, type Rule } from './counsel.js';

const rule = (id: string, severity: 'stop' | 'care' | 'good', speaks = true): Rule<null> => ({
  id,
  look: () => (speaks ? { severity, text: id, reason: 'Why.', basis: COMMON_PRACTICE } : null),
});

test('the gravest comes first, otherwise the order of the rules; silent ones are left out', () => {
  const said = findings(
    [rule('a', 'good'), rule('b', 'care'), rule('c', 'stop'), rule('d', 'care'), rule('e', 'stop', false)],
    null,
  );
  expect(said.map((each) => each.rule)).toEqual(['c', 'b', 'd', 'a']);
});

test('each basis is said in words', () => {
  expect([
    basisText(COMMON_PRACTICE),
    basisText({ kind: 'published', source: 'A (1990)' }),
    basisText({ kind: 'local-rule', water: 'Mere' }),
    basisText({ kind: 'school', name: 'barbless' }),
    basisText({ kind: 'computed', method: 'heat balance' }),
  ]).toEqual(['common practice', 'A (1990)', 'rule of Mere', 'your choice: barbless', 'computed: heat balance']);
});
