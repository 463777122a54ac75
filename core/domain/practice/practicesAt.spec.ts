import { BANK_CHOICES, BANK_CHOICE_NAMES, DEFAULT_PRACTICES, nameOfWay } from './bankPractices.js';
import { practicesAt, type Practices } from './practicesAt.js';

const own: Practices = {
  bank: DEFAULT_PRACTICES,
  stopSchool: 'per-species',
  hotCaptureSchool: 'land',
  barbSchool: 'barbless',
  weighMethod: 'zeroed',
  lengthOf: 'tip',
};

test('what a water does not name is done as everywhere', () => {
  for (const water of [null, undefined, {}])
    expect(practicesAt(own, water)).toEqual({ ...own, ofThisWater: new Set() });
});

test('what it names is done so there, of the bank and of all else, and is told apart', () => {
  const here = practicesAt(own, { lift: 'mesh', weigh: false, barbSchool: 'micro', lengthOf: 'pinched' });
  expect(here.bank).toEqual({ ...DEFAULT_PRACTICES, lift: 'mesh', weigh: false });
  expect(here).toMatchObject({ barbSchool: 'micro', lengthOf: 'pinched', stopSchool: 'per-species' });
  expect([...here.ofThisWater]).toEqual(['lift', 'weigh', 'barbSchool', 'lengthOf']);
  expect(own.bank).toBe(DEFAULT_PRACTICES);
});

test('every choice has its usual way among its ways, and a name for each', () => {
  for (const choice of BANK_CHOICE_NAMES) {
    const ways: readonly string[] = BANK_CHOICES[choice].ways;
    expect([choice, ways.includes(DEFAULT_PRACTICES[choice])]).toEqual([choice, true]);
    for (const way of ways) expect(nameOfWay(choice, way as never)).toHaveProperty('code');
  }
});
