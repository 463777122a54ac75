import {
  draftOf,
  hasSameTaps,
  inUnit,
  lengthOn,
  longThing,
  moved,
  readDraft,
  scaledBy,
  tapped,
  type BoardDraft,
} from './boardDraft.js';
import { markOf, nextMarkText, roundedDown } from './boardMarks.js';

const at = (x: number) => ({ x, y: 100 });
const tapMarks = (marks: readonly number[], inches = false): BoardDraft =>
  marks.reduce<BoardDraft>(
    (draft, mark) => tapped({ ...draft, nextMark: String(mark) }, at(mark * 10)),
    draftOf(null, inches),
  );

test('marks follow each other as far apart as they began', () => {
  const draft = tapped(tapMarks([0, 20]), at(400));
  expect(draft.marks.map(({ atMm }) => atMm)).toEqual([0, 200, 400]);
  expect(draft.nextMark).toBe('60');
  expect(nextMarkText([], true)).toBe('0');
  expect(nextMarkText([0], true)).toBe('5');
  expect(nextMarkText([0, 127], true)).toBe('10');
});

test('the same mark tapped again is moved, not doubled', () => {
  const draft = tapped({ ...tapMarks([0, 10]), nextMark: '10' }, at(105));
  expect(draft.marks).toEqual([
    { atMm: 0, pixel: at(0) },
    { atMm: 100, pixel: at(105) },
  ]);
});

test('three marks, nose and tail make a length; before that there is none', () => {
  const marks = tapMarks([0, 30, 60]);
  expect(readDraft(marks, 1000)).toBeUndefined();
  const whole = tapped(tapped({ ...marks, target: 'nose' }, at(10)), at(560));
  expect(whole.target).toBe('mark');
  const read = readDraft(whole, 1000);
  expect(read?.ok && read.value.lengthMm).toBeCloseTo(550, 6);
  const longer = readDraft(moved(whole, 'tail', at(580)), 1000);
  expect(longer?.ok && longer.value.lengthMm).toBeCloseTo(570, 6);
  expect(moved(whole, 'mark 1', at(301)).marks[1]?.pixel).toEqual(at(301));
});

test('what stands on no board places no mark', () => {
  const draft = draftOf(null, false);
  for (const nextMark of ['', 'ten', '-5', '900']) expect(tapped({ ...draft, nextMark }, at(5)).marks).toEqual([]);
  expect(markOf('12,5', false)).toBe(125);
  expect(markOf('12', true)).toBeCloseTo(304.8, 9);
});

test('a length is read down to the mark', () => {
  expect(roundedDown(644.9, false)).toEqual({ unit: 'half-cm', count: 128 });
  expect(roundedDown(645, false)).toEqual({ unit: 'half-cm', count: 129 });
  expect(roundedDown(25.4 * 31.3, true)).toEqual({ unit: 'quarter-in', count: 125 });
});

test('a board of the other unit keeps what stands at its marks', () => {
  const centimetres = tapMarks([0, 30, 60]);
  const inches = inUnit(centimetres, true);
  expect(inches.marks.map(({ atMm }) => Math.round(atMm * 10) / 10)).toEqual([0, 762, 1524]);
  expect(inUnit(inches, false).marks.map(({ atMm }) => Math.round(atMm))).toEqual([0, 300, 600]);
  expect(inUnit(inches, true)).toBe(inches);
});

test('without a board a thing of known length tells the scale, with more doubt', () => {
  const thing = { ...scaledBy(draftOf(null, false), 'thing'), nextMark: '10' };
  const ends = tapped(tapped(thing, at(100)), at(300));
  expect(ends.target).toBe('nose');
  const whole = tapped(tapped(ends, at(400)), at(2000));
  const read = readDraft(whole, 2400);
  expect(read?.ok && read.value.lengthMm).toBeCloseTo(800, 6);
  expect(read?.ok && read.value.uMm / 800).toBeGreaterThan(0.02);
  const longer = readDraft(longThing(whole, '12'), 2400);
  expect(longer?.ok && longer.value.lengthMm).toBeCloseTo(960, 6);
  // Laid aside and taken up again it is the same.
  const { marks, nose, tail } = whole;
  if (!nose || !tail) throw new Error('nose and tail were tapped');
  expect(draftOf({ marks, nose, tail, lengthMm: 800, uMm: 20 }, false)).toMatchObject({ by: 'thing', nextMark: '10' });
  expect(scaledBy(whole, 'board')).toMatchObject({ marks: [], nose: at(400) });
});

test('a third tap on a thing begins with its ends anew', () => {
  const thing = { ...scaledBy(draftOf(null, true), 'thing'), nextMark: '4' };
  const ends = tapped(tapped(thing, at(100)), at(300));
  expect(tapped({ ...ends, target: 'mark' }, at(120)).marks).toEqual([{ atMm: 0, pixel: at(120) }]);
});

test('what is tapped is a step; what is tapped next, or being typed, is none', () => {
  const draft = tapMarks([0, 30, 60]);
  expect(hasSameTaps(draft, { ...draft, target: 'tail', nextMark: '7' })).toBe(true);
  expect(hasSameTaps(draft, { ...draft, marks: [...draft.marks] })).toBe(true);
  const others = [
    moved(draft, 'mark 1', at(301)),
    moved(draft, 'nose', at(1)),
    moved(draft, 'tail', at(2)),
    { ...draft, marks: draft.marks.slice(1) },
    inUnit(draft, true),
    scaledBy(draft, 'thing'),
  ];
  for (const other of others) expect(hasSameTaps(draft, other)).toBe(false);
});

test('what goes into the log keeps the unit of its board, whatever the keeper reads in', () => {
  const whole = { ...tapMarks([0, 12, 24], true), nose: at(20), tail: at(200) };
  expect(lengthOn(whole, undefined)).toBeUndefined();
  expect(lengthOn({ ...whole, marks: whole.marks.slice(1) }, 1000)).toBeUndefined();
  const kept = lengthOn(whole, 1000)?.length;
  expect(kept).toMatchObject({ inches: true, marks: whole.marks });
  expect(draftOf(kept, false)).toMatchObject({ inches: true, nextMark: '36' });
});
