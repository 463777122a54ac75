import { sweepLinks } from './sweepLinks.js';

const alike = (captureId: string, otherId: string, probability: number) => ({ captureId, otherId, probability });
const pairs = (of: ReturnType<typeof sweepLinks>) => of.map(({ alike: { captureId, otherId } }) => captureId + otherId);
const own = (captureId: string) => captureId;
const never = () => false;

test('a group of three needs two links; the surest group comes first', () => {
  const all = [
    alike('d', 'e', 0.95),
    alike('a', 'c', 0.7),
    alike('b', 'c', 0.8),
    alike('a', 'b', 0.9),
    alike('x', 'y', 0.1),
  ];
  const links = sweepLinks(all, own, never);
  expect(pairs(links)).toEqual(['de', 'ab', 'bc']);
  expect(links.map(({ group }) => group.toSorted().join(''))).toEqual(['de', 'abc', 'abc']);
});

test('what is one fish already is not asked, and what was told apart is asked by another way only', () => {
  const all = [alike('a', 'b', 0.9), alike('b', 'c', 0.8), alike('a', 'c', 0.7)];
  const linked = (captureId: string) => (captureId === 'c' ? 'c' : 'fish');
  expect(pairs(sweepLinks(all, linked, never))).toEqual(['bc']);
  const apart = (a: string, b: string) => a + b === 'bc';
  expect(pairs(sweepLinks(all, own, apart))).toEqual(['ab', 'ac']);
  expect(sweepLinks([], own, never)).toEqual([]);
});
