import { judgeRig } from '@keeper/core/bank/judgeRig';
import { effortOf } from '@keeper/core/findings/effort';
import { fishTaken } from '@keeper/core/findings/fishTaken';
import { outingFished } from '@keeper/core/findings/outingFished';
import { tackleTold } from '@keeper/core/findings/tackleTold';
import { loadTestState } from '@keeper/core/domain/kit/rig';
import { replayOuting } from '@keeper/core/domain/outing/outingState';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { replay } from '@keeper/core/domain/capture/replay';
import { summaryOf, type CaptureSummary } from '@keeper/core/domain/capture/summary';
import { AppendEventsDto } from '@keeper/contract/events';
import { MOST_EVENTS } from '@keeper/contract/limits';
import { problemsIn } from '@keeper/contract/validation';
import { WriteFishDto } from '@keeper/contract/fish';
import { WriteKitItemDto } from '@keeper/contract/kit';
import { WriteRehearsalDto } from '@keeper/contract/rehearsals';
import { WriteRigDto } from '@keeper/contract/rigs';
import { WriteSettingsDto } from '@keeper/contract/settings';
import { WriteSwimDto } from '@keeper/contract/swims';
import { WriteWaterDto } from '@keeper/contract/waters';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import { HABIT, KIT, RIGS, SWIMS } from './bank.js';
import { demoCaptures } from './captures.js';
import { demoKnown } from './known.js';
import { demoOutings } from './outings.js';
import { picturesOf } from './pictures.js';
import { demoRehearsals } from './rehearsals.js';
import { WATERS } from './waters.js';

const { updatedAt: _at, ...WAYS } = FIRST_SETTINGS;
const captures = demoCaptures();
const summaries = captures.map(({ captureId, events }) => summaryOf(replay(captureId, events)));
const landed = summaries.filter(({ outcome }) => outcome === 'released');
const between = (value: number, low: number, high: number) => value >= low && value <= high;

test('the world is the same each time it is made', () => {
  expect(demoCaptures().map(({ events }) => events)).toEqual(captures.map(({ events }) => events));
  expect(
    demoCaptures()
      .flatMap(picturesOf)
      .map(({ order }) => order),
  ).toEqual(captures.flatMap(picturesOf).map(({ order }) => order));
});

test('about eighty captures over three seasons, of four species, some lost', () => {
  expect(between(captures.length, 70, 90)).toBe(true);
  expect(new Set(summaries.map(({ startedAt }) => startedAt?.slice(0, 4)))).toEqual(new Set(['2024', '2025', '2026']));
  expect(new Set(landed.flatMap(({ species }) => species ?? []))).toEqual(new Set(['carp', 'pike', 'barbel', 'wels']));
  expect(between(summaries.length - landed.length, 2, 10)).toBe(true);
});

test('every event keeps the contract, and no id comes twice', () => {
  const events = captures.flatMap((capture) => capture.events);
  expect(new Set(events.map(({ id }) => id)).size).toBe(events.length);
  for (const capture of captures) expect(problemsIn(AppendEventsDto, { events: [...capture.events] })).toEqual([]);
});

test('the fish of the first two seasons that came again are known by name, those of the third are still to do', () => {
  const known = demoKnown(captures);
  expect(known.length).toBeGreaterThan(5);
  for (const {
    row: { id: _id, ...row },
    events,
  } of known) {
    expect(problemsIn(WriteFishDto, { ...row, retired: false, revision: 0 })).toEqual([]);
    expect(problemsIn(AppendEventsDto, { events: [...events] })).toEqual([]);
    expect(
      new Set(events.map(({ captureId }) => captures.find((each) => each.captureId === captureId)?.fish.name)).size,
    ).toBe(1);
    expect(events.every(({ at }) => at < '2026-01-05')).toBe(true);
  }
  const linked = new Set(known.flatMap(({ events }) => events.map(({ captureId }) => captureId)));
  const again = captures.filter(
    ({ captureId, fish, picturedMs }) =>
      picturedMs !== null &&
      !linked.has(captureId) &&
      captures.some((other) => linked.has(other.captureId) && other.fish === fish),
  );
  expect(again.length).toBeGreaterThan(3);
});

test('fight and air times are as a careful keeper has them, with odd entries left in', () => {
  const usual = (of: (each: CaptureSummary) => boolean) => landed.filter(of).length / landed.length;
  expect(usual(({ airMs }) => between(airMs, 20_000, 120_000))).toBeGreaterThan(0.9);
  expect(usual(({ fightMs }) => between(fightMs, 120_000, 2_100_000))).toBe(1);
  expect(landed.some(({ airComplete }) => !airComplete)).toBe(true);
  expect(landed.some(({ amendmentCount }) => amendmentCount > 0)).toBe(true);
  expect(landed.filter(({ writtenUp }) => !writtenUp)).toHaveLength(2);
});

test('a fish that is caught again has grown, never shrunk', () => {
  const lengths = new Map<string, number[]>();
  captures.forEach(({ fish }, i) => {
    const mm = summaries[i].lengthMm;
    if (mm !== null) lengths.set(fish.name, [...(lengths.get(fish.name) ?? []), mm]);
  });
  const again = [...lengths.values()].filter((each) => each.length > 1);
  expect(again.length).toBeGreaterThan(8);
  for (const each of again) expect(each).toEqual([...each].sort((a, b) => a - b));
});

test('both flanks of a fish point their own way', () => {
  for (const { order, role } of captures.flatMap(picturesOf)) {
    expect(role).toBe(`${order.side}-flank`);
    expect(order.pose.mirrored).toBe(order.side === 'right');
  }
});

/** The keeper's own names of tackle, none made one with another. */
const NAMES = { rigs: new Map(RIGS.map((rig) => [rig.id, rig])), sameWords: [] };

describe('the bank of the demo', () => {
  test.each<[string, readonly { readonly id: string }[], new () => object]>([
    ['swims', SWIMS, WriteSwimDto],
    ['rigs', RIGS, WriteRigDto],
    ['kit', KIT, WriteKitItemDto],
  ])('its %s keep the contract, and no id comes twice', (_, rows, contract) => {
    for (const { id: _id, ...row } of rows)
      expect(problemsIn(contract, { ...row, retired: false, revision: 0 })).toEqual([]);
    expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
  });
  test('its waters and its habit keep the contract', () => {
    for (const { id: _id, ...water } of WATERS)
      expect(problemsIn(WriteWaterDto, { ...water, revision: 0 })).toEqual([]);
    expect(problemsIn(WriteSettingsDto, { ...WAYS, habit: HABIT })).toEqual([]);
  });
  test('its outings ended and are the same each time; each fish falls into its own, while a rod was out', () => {
    const outings = demoOutings();
    expect(outings).toEqual(demoOutings());
    for (let i = 0; i < outings.length; i += MOST_EVENTS)
      expect(problemsIn(AppendEventsDto, { events: outings.slice(i, i + MOST_EVENTS) })).toEqual([]);
    const ids = [...new Set(outings.map(({ outingId }) => outingId))];
    const fished = ids.flatMap((id) => {
      const own = outings.filter(({ outingId }) => outingId === id);
      return outingFished(replayOuting(id, own), (setup) => tackleTold(setup, NAMES)) ?? [];
    });
    expect(fished).toHaveLength(ids.length);
    const fish = summaries.flatMap((summary) => fishTaken(summary, NAMES) ?? []);
    const effort = effortOf({ outings: fished, fish, positions: {} });
    expect(effort).toMatchObject({ withoutRods: 0, fishOutside: 0, fish: fish.length });
    expect(effort.blanks).toBeGreaterThan(50);
  });
  test('one of its rigs was never loaded, and all are sound otherwise', () => {
    const now = '2026-05-03T08:00:00Z';
    expect(RIGS.filter((rig) => loadTestState(rig, now) === 'never')).toHaveLength(1);
    for (const rig of RIGS) {
      const { verdict } = judgeRig({
        rig,
        rules: NO_RULES,
        water: '',
        school: 'barbless',
        gives: 'link',
        system: 'kg',
        now,
      });
      expect(verdict).toBe(loadTestState(rig, now) === 'stands' ? 'good' : 'care');
    }
  });
});

test('the rehearsals are taken by the contract, each another fish, and the keeper gets better at it', () => {
  const rehearsals = demoRehearsals();
  expect(rehearsals).toEqual(demoRehearsals());
  expect(
    rehearsals.flatMap(({ id: _id, ...row }) => problemsIn(WriteRehearsalDto, { ...row, retired: false, revision: 0 })),
  ).toEqual([]);
  expect(new Set(rehearsals.map(({ scenario }) => scenario)).size).toBe(rehearsals.length);
  const mean = (of: readonly { score: number }[]) => of.reduce((sum, { score }) => sum + score, 0) / of.length;
  expect(mean(rehearsals.slice(-3))).toBeGreaterThan(mean(rehearsals.slice(0, 3)));
});
