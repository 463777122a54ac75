import type { CaptureEvent } from '../domain/capture/event.js';
import { replay } from '../domain/capture/replay.js';
import { summaryOf } from '../domain/capture/summary.js';
import type { KitItem, KitKind } from '../domain/kit/kit.js';
import type { Rig } from '../domain/kit/rig.js';
import type { OutingEvent } from '../domain/outing/event.js';
import { replayOuting } from '../domain/outing/outingState.js';
import { NO_RULES } from '../domain/water/rules.js';
import { kitItem } from '../spec/kitItems.js';
import { CAPTURE, event } from '../spec/events.js';
import { closeOfDay, type DayThatWas } from './closeOfDay.js';

const thing = (kind: KitKind, id: string = kind, change: Partial<KitItem> = {}) =>
  kitItem(kind, { id, name: id, ...change });
const rig = (id: string, hookSize: number) => ({ id, hookSize, loadTests: [] }) as unknown as Rig;
let n = 0;
const tapped = (type: string, payload: object, minute = 0): OutingEvent =>
  ({
    id: `01900000-0000-7000-8000-${String((n += 1)).padStart(12, '0')}`,
    outingId: 'o',
    deviceId: 'd',
    at: `2026-06-01T05:${String(minute).padStart(2, '0')}:00.000Z`,
    type,
    payload,
  }) as OutingEvent;
const capture = (...events: CaptureEvent[]) => summaryOf(replay(CAPTURE, [event('hooked', 0), ...events]));
const close = (change: Partial<DayThatWas> & { events?: OutingEvent[] } = {}) =>
  closeOfDay({
    outing: replayOuting('o', change.events ?? []),
    water: { id: 'w', rules: NO_RULES },
    captures: [],
    kit: [],
    rigs: [rig('bottom', 6), rig('pike', 2)],
    ...change,
  });
const took = (rigId: string) => event('rod-told', 1, { rigId });

test('hooks that were cut or stayed behind are counted by size, the smallest number first, what has no rig last', () => {
  const left = { reason: 'line-parted', left: 'link' } as const;
  const when = '2026-06-01T05:10:00.000Z';
  const events = [
    tapped('rod-out', { rod: 1, setup: { rigId: 'pike' }, when: '2026-06-01T05:00:00.000Z' }),
    tapped('fish-lost', { ...left, rod: 1, when }, 10),
    tapped('fish-lost', { ...left, when }, 11),
    tapped('fish-lost', { reason: 'hook-pulled', left: 'nothing', rod: 1, when }, 12),
  ];
  const captures = [
    capture(took('bottom'), event('netted', 2), event('hook-cut', 3), event('released', 4)),
    capture(took('bottom'), event('netted', 2), event('line-cut', 3), event('released', 4)),
    capture(took('bottom'), event('netted', 2), event('hook-out', 3), event('released', 4)),
    capture(took('bottom'), event('lost', 2), event('loss-told', 3, { reason: 'line-parted', left: 'hook' })),
    capture(took('bottom'), event('lost', 2), event('loss-told', 3, { reason: 'hook-pulled' })),
  ];
  expect(close({ events, captures }).hooks).toEqual([
    { size: 2, cut: 0, lost: 1 },
    { size: 6, cut: 1, lost: 2 },
    { size: null, cut: 0, lost: 1 },
  ]);
  expect(close({ events, captures }).rigsToTest.map(({ id }) => id)).toEqual(['bottom', 'pike']);
  expect(close().hooks).toEqual([]);
});

test('a rig that was archived since lost its hooks all the same, and is not to be tested again', () => {
  const captures = [capture(took('pike'), event('netted', 2), event('hook-cut', 3), event('released', 4))];
  const gone = close({ captures, rigs: [{ ...rig('pike', 2), retired: true }] });
  expect(gone.hooks).toEqual([{ size: 2, cut: 1, lost: 0 }]);
  expect(gone.rigsToTest).toEqual([]);
});

const KIT = [
  thing('net'),
  thing('mat'),
  thing('sling', 'green'),
  thing('sling', 'black'),
  thing('bucket'),
  thing('board'),
];
const ids = (items: readonly KitItem[]) => items.map(({ id }) => id);

test('what was wet is what was used; of two of a kind it is asked which', () => {
  const landed = capture(event('netted', 2), event('lifted', 3), event('weighed', 4), event('released', 9));
  const day = close({ kit: KIT, captures: [landed] });
  expect(ids(day.wet)).toEqual(['net', 'mat']);
  expect(ids(day.perhapsWet)).toEqual(['green', 'black']);
});

test('the sling that a weight names was wet, and the other was not', () => {
  const weight = { asRead: { unit: 'oz', count: 300 }, method: 'zeroed', slingId: 'black' } as const;
  const landed = capture(event('netted', 2), event('weighed', 4), event('reading-taken', 5, { weight }));
  const day = close({ kit: KIT, captures: [landed] });
  expect(ids(day.wet)).toEqual(['net', 'black']);
  expect(day.perhapsWet).toEqual([]);
});

test('laid out and soaked without a fish it was wet all the same; what lay dry was not', () => {
  const events = [
    tapped('item-checked', { item: 'net', done: true }),
    tapped('care-done', { kind: 'soaked', when: '2026-06-01T05:00:00.000Z' }),
    tapped('care-done', { kind: 'bucket-changed', when: '2026-06-01T05:00:00.000Z' }),
  ];
  expect(ids(close({ kit: KIT, events }).wet)).toEqual(['net', 'mat', 'bucket']);
  expect(close({ kit: KIT }).wet).toEqual([]);
});

test('where the water supplies nets and mats they go back, and one’s own stayed dry', () => {
  const supplied = { id: 'w', rules: { ...NO_RULES, ownKit: 'supplied' as const } };
  const landed = capture(event('netted', 2), event('lifted', 3));
  expect(close({ kit: KIT, captures: [landed], water: supplied })).toMatchObject({ wet: [], suppliedBack: true });
  expect(close({ kit: KIT, water: supplied }).suppliedBack).toBe(false);
  expect(close({ kit: KIT, captures: [landed] }).suppliedBack).toBe(false);
});

test('of wounds and of a death the owner should hear; of an old scar not', () => {
  const wound = (kind: 'ulcer' | 'healed') => ({
    wound: { kind, side: 'left' as const, at: { u: 0.5, v: 0 }, sizeMm: 20 },
  });
  const reported = (...events: CaptureEvent[]) => close({ captures: [capture(...events)] }).toReport.length;
  expect(reported(event('wound-noted', 2, wound('ulcer')))).toBe(1);
  expect(reported(event('wound-noted', 2, wound('healed')))).toBe(0);
  expect(reported(event('left-as', 2, { leaving: 'not-recovered' }))).toBe(1);
  expect(reported(event('released', 2))).toBe(0);
});

test('what has a battery is charged, and the tools are counted', () => {
  const kit = [thing('scales', 'digital', { charge: 'full' }), thing('scales', 'dial'), thing('tool', 'cutters')];
  const day = close({ kit });
  expect([ids(day.toCharge), ids(day.tools)]).toEqual([['digital'], ['cutters']]);
});
