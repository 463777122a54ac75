import { readCheck } from './readCheck.js';

const row = (known: string, shown: string, more: object = {}) => ({
  how: 'known-mass' as const,
  known,
  shown,
  tempC: '',
  ...more,
});

test('kitchen weights and bottles of water become known masses', () => {
  const { points, problems } = readCheck(
    [row('5 kg', '5.01 kg'), row('10', '10.00 kg', { how: 'water', tempC: '18' })],
    'kg',
  );
  expect(problems).toEqual([undefined, undefined]);
  expect(points[0]).toMatchObject({ trueGrams: 5000, uGrams: 2.5, shown: { unit: 'g', count: 5010 } });
  expect(points[1]?.trueGrams).toBeCloseTo(9975.5, 0);
});

test('an empty row is no row; a begun one that cannot be read has a sentence', () => {
  const { points, problems } = readCheck(
    [
      row('', ''),
      row('5', ''),
      row('23.11', '5 lb'),
      row('500', '5 kg', { how: 'water' }),
      row('5', '5 kg', { how: 'water', tempC: '80' }),
    ],
    'lb-oz',
  );
  expect(points).toEqual([]);
  expect(problems[0]).toBeUndefined();
  expect(problems.slice(1)).toEqual([
    expect.stringMatching(/showed: No weight/),
    expect.stringMatching(/hung: .*ounces after the point/),
    expect.stringMatching(/litres of water/),
    expect.stringMatching(/how warm/),
  ]);
});
