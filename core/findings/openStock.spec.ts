import { LEAST_YEARS, openStockOf, yearsSeen, type YearSeen } from './openStock.js';

/** Thirteen visits to black-kneed capsids, as in Jolly (1965) and Seber (1982), table 5.1; from memory. */
const CAUGHT = [54, 146, 169, 209, 220, 209, 250, 176, 172, 127, 123, 120, 142];
const LET_GO = [54, 143, 164, 202, 214, 207, 243, 175, 169, 126, 120, 120, 0];
const LATER = [24, 80, 70, 71, 109, 101, 108, 99, 70, 58, 44, 35, 0];
const MET = [0, 10, 37, 56, 53, 77, 112, 86, 110, 84, 77, 72, 95];
const MISSED = [0, 14, 57, 71, 89, 121, 110, 132, 121, 107, 88, 60, 0];
const CAPSIDS = CAUGHT.map((caught, i): YearSeen => {
  const of = (list: readonly number[]) => list[i] ?? 0;
  return { year: i + 1, caught, met: of(MET), letGo: of(LET_GO), metLater: of(LATER), missed: of(MISSED) };
});

test('the open count is the one that Jolly printed for his capsids', () => {
  const found = openStockOf(CAPSIDS, 0) ?? [];
  const printed = [511.2, 779.1, 963, 945.3, 882.2, 802.5, 653.6, 628.8, 478.5, 506.4, 462.8];
  expect(found.map(({ fish }) => fish)).toEqual(printed.map((fish): unknown => expect.closeTo(fish, 0)));
  const stayed = [1, 0.867, 0.564, 0.836, 0.79, 0.651, 0.985, 0.686, 0.884, 0.771];
  expect(found.slice(0, -1).map((each) => each.stayed)).toEqual(
    stayed.map((share): unknown => expect.closeTo(share, 2)),
  );
  expect(found.at(-1)?.stayed).toBeNull();
});

/**
 * Seven years drawn with numpy (seed 11); the shares that stay are those of the likelihood of Cormack, Jolly and Seber
 * made largest over each fish's own history by `scipy.optimize.minimize` (SciPy 1.17.1), which is another way to them.
 */
test('what stays is what another program finds from each fish’s own years', () => {
  const lists = {
    caught: [35, 28, 37, 32, 37, 34, 33],
    met: [0, 11, 22, 13, 18, 22, 24],
    metLater: [21, 20, 18, 17, 17, 17, 0],
    missed: [0, 10, 8, 13, 12, 7, 0],
  };
  const years = lists.caught.map((caught, i): YearSeen => {
    const of = (list: readonly number[]) => list[i] ?? 0;
    const { met, metLater, missed } = lists;
    return { year: 2018 + i, caught, met: of(met), letGo: caught, metLater: of(metLater), missed: of(missed) };
  });
  const found = openStockOf(years, 0) ?? [];
  const stayed = [0.91534, 0.70111, 0.78125, 0.57036];
  expect(found.slice(0, -1).map((each) => each.stayed)).toEqual(
    stayed.map((share): unknown => expect.closeTo(share, 4)),
  );
  const fish = [63.6364, 64.6565, 92.2353, 90.6861, 55.6364];
  expect(found.map((each) => each.fish)).toEqual(fish.map((each): unknown => expect.closeTo(each, 3)));
});

test('a fish is met before, later, or missed in between; twice in a year is once', () => {
  const on = (fishId: string, ...days: string[]) => days.map((day) => ({ fishId, day }));
  const seen = yearsSeen([
    ...on('a', '2021-05-01', '2021-06-01', '2023-05-01'),
    ...on('b', '2021-05-01', '2022-05-01'),
    ...on('c', '2022-07-01', '2024-05-01'),
  ]);
  expect(seen).toEqual([
    { year: 2021, caught: 2, met: 0, letGo: 2, metLater: 2, missed: 0 },
    { year: 2022, caught: 2, met: 1, letGo: 2, metLater: 1, missed: 1 },
    { year: 2023, caught: 1, met: 1, letGo: 1, metLater: 0, missed: 1 },
    { year: 2024, caught: 1, met: 1, letGo: 1, metLater: 0, missed: 0 },
  ]);
});

test('of too few years, or too few that were met again, nothing is said', () => {
  expect(openStockOf(CAPSIDS.slice(0, LEAST_YEARS - 1))).toBeNull();
  expect(openStockOf(CAPSIDS.slice(0, LEAST_YEARS))).not.toBeNull();
  const met = (each: number) => CAPSIDS.slice(0, 4).map((year, i) => ({ ...year, met: i === 1 ? each : 0 }));
  expect(openStockOf(met(9))).toBeNull();
  expect(openStockOf(met(10))).not.toBeNull();
  expect(openStockOf([])).toBeNull();
});
