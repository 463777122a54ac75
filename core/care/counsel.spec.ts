import { basisMessage, COMMON_PRACTICE, findings, type Rule } from './counsel.js';

const rule = (id: string, severity: 'stop' | 'care' | 'good', speaks = true): Rule<null> => ({
  id,
  look: () => (speaks ? { severity, text: { code: id }, reason: { code: 'why' }, basis: COMMON_PRACTICE } : null),
});

test('the gravest comes first, otherwise the order of the rules; silent ones are left out', () => {
  const said = findings(
    [rule('a', 'good'), rule('b', 'care'), rule('c', 'stop'), rule('d', 'care'), rule('e', 'stop', false)],
    null,
  );
  expect(said.map((each) => each.rule)).toEqual(['c', 'b', 'd', 'a']);
});

test('each basis has its message', () => {
  expect([
    basisMessage(COMMON_PRACTICE),
    basisMessage({ kind: 'published', source: 'A (1990)' }),
    basisMessage({ kind: 'local-rule', water: 'Mere' }),
    basisMessage({ kind: 'school', name: { code: 'barbless' } }),
    basisMessage({ kind: 'computed', method: { code: 'heat' } }),
  ]).toEqual([
    { code: 'care.basisCommonPractice' },
    { code: 'care.basisPublished', values: { source: 'A (1990)' } },
    { code: 'care.basisLocalRule', values: { water: 'Mere' } },
    { code: 'care.basisChoice', values: { name: { code: 'barbless' }, water: null } },
    { code: 'care.basisComputed', values: { method: { code: 'heat' } } },
  ]);
});
