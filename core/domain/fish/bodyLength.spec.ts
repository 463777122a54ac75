import { formatBodyLength, totalLength, type LengthOf } from './bodyLength.js';
import { SPECIES_IDS } from './species.js';

const mm = (count: number, of?: LengthOf) => ({ unit: 'mm' as const, count, ...(of && { of }) });

// Shares from memory, of the size of FishBase's length-length tables; worked by hand.
test.each([
  ['bream', mm(440, 'fork'), 500],
  ['carp', mm(720, 'fork'), 800],
  ['carp', mm(784, 'tip'), 800],
  ['carp', mm(800, 'pinched'), 800],
  ['carp', mm(784), 800],
  ['wels', mm(1500, 'fork'), 1500],
  ['wels', mm(1500, 'tip'), 1500],
] as const)('%s of %j is %d mm to the pinched tip', (species, length, total) => {
  expect(totalLength(length, species).totalMm).toBeCloseTo(total, 6);
});

test('of every kind the fork lies before the tip, a pinched tail is the longest, and what was not said is the least sure', () => {
  for (const species of SPECIES_IDS) {
    const [pinched, tip, fork, unsaid] = [mm(600, 'pinched'), mm(600, 'tip'), mm(600, 'fork'), mm(600)].map((length) =>
      totalLength(length, species),
    );
    expect(pinched?.totalMm).toBe(600);
    expect(tip?.totalMm).toBeGreaterThanOrEqual(600);
    expect(fork?.totalMm).toBeGreaterThanOrEqual(tip?.totalMm ?? Infinity);
    expect(unsaid?.totalMm).toBe(tip?.totalMm);
    expect(unsaid?.uMm).toBeGreaterThanOrEqual(tip?.uMm ?? Infinity);
    expect(pinched?.uMm).toBe(0);
  }
  expect(totalLength(mm(600), undefined)).toEqual(totalLength(mm(600), 'other'));
});

test('a length says of what it is, where that is not the usual', () => {
  expect(formatBodyLength({ unit: 'quarter-in', count: 125 })).toBe('31¼ in');
  expect(formatBodyLength({ unit: 'quarter-in', count: 125, of: 'tip' })).toBe('31¼ in');
  expect(formatBodyLength({ unit: 'half-cm', count: 159, of: 'fork' })).toBe('79.5 cm to the fork');
  expect(formatBodyLength({ unit: 'half-cm', count: 159, of: 'pinched' })).toBe('79.5 cm, tail pinched');
});
