import { partsText } from './text.en-GB.js';
import { say } from '../text/say.js';
import { memo, useId } from 'react';
import { clocksAt } from '@keeper/core/domain/capture/clocks';
import type { Mark, MediumInterval } from '@keeper/core/domain/capture/captureState';
import { clockText, spanText } from '@keeper/core/measure/duration';
import { STEP_WORDS, type RunStep } from '@keeper/core/domain/capture/steps';
import { useWidth } from './useWidth.js';

type Size = 'glyph' | 'page' | 'live';

interface WaterlineProps {
  readonly spells: readonly MediumInterval[];
  readonly marks: readonly Pick<Mark, 'type' | 'atMs'>[];
  /** The moment up to which it is drawn: now in a run, the end afterwards. */
  readonly untilMs: number;
  readonly size: Size;
  /** The spell in the air that runs: since when, how long it may last, and how far through that it is. */
  readonly roomFromMs?: number;
  readonly roomMs?: number;
  readonly roomStage?: Stage;
}

type Stage = 'fine' | 'half' | 'three-quarters' | 'over';

/** Height of the drawing, and how far the air rises and the water hangs from the surface, in pixels. */
const FORM: Readonly<Record<Size, { height: number; surface: number; rise: number; depth: number; stroke: number }>> = {
  glyph: { height: 34, surface: 18, rise: 13, depth: 10, stroke: 1.25 },
  page: { height: 150, surface: 62, rise: 40, depth: 40, stroke: 2 },
  live: { height: 108, surface: 58, rise: 44, depth: 36, stroke: 2.5 },
};

/** The shortest stretch of time that a drawing spans: a run does not begin by racing across the screen. */
const SHORTEST_MS = 60_000;

/**
 * The sign of the house: time as a line, the fish's time in the water hanging below it, its time in the air standing
 * above it. Below is hatched like water and above is solid, so that it reads without colour.
 */
export const Waterline = memo(function Waterline(props: WaterlineProps) {
  const { spells, marks, untilMs, size, roomFromMs = 0, roomMs = 0, roomStage } = props;
  const [ref, width] = useWidth(size === 'glyph' ? 132 : 640);
  const form = FORM[size];
  const fromMs = spells[0]?.fromMs ?? 0;
  const spanMs = Math.max(untilMs - fromMs, SHORTEST_MS);
  // A live line leaves room ahead for what is still to come.
  const aheadMs = roomFromMs + roomMs - fromMs;
  const drawnMs = size === 'live' ? Math.max(spanMs * 1.12, aheadMs * 1.03, 3 * SHORTEST_MS) : spanMs;
  const inset = size === 'glyph' ? 2 : 10;
  const x = (ms: number) => inset + ((ms - fromMs) / drawnMs) * (width - 2 * inset);
  // Each drawing brings its own hatch: one that is hidden must not be borrowed from.
  const hatch = useId();
  return (
    <svg
      ref={ref}
      role="img"
      aria-label={waterlineWords(spells, untilMs)}
      width="100%"
      height={form.height}
      viewBox={`0 0 ${width} ${form.height}`}
      className="block overflow-visible"
    >
      <defs>
        <pattern id={hatch} width="14" height={size === 'glyph' ? 3 : 6} patternUnits="userSpaceOnUse">
          <path
            d={size === 'glyph' ? 'M0 1.5H14' : 'M0 3q3.5 -1.6 7 0t7 0'}
            fill="none"
            stroke="var(--water)"
            strokeWidth={size === 'glyph' ? 0.8 : 1}
            opacity="0.75"
          />
        </pattern>
      </defs>
      {spells.map((spell) => {
        const left = x(spell.fromMs);
        const wide = Math.max(x(Math.min(spell.toMs ?? untilMs, untilMs)) - left, spell.medium === 'air' ? 2.5 : 0.5);
        return spell.medium === 'air' ? (
          <path key={spell.fromMs} d={standing(left, wide, form.surface, form.rise)} fill="var(--air)" />
        ) : (
          <g key={spell.fromMs}>
            <path d={hanging(left, wide, form.surface, form.depth)} fill="var(--water-fill)" />
            <path d={hanging(left, wide, form.surface, form.depth)} fill={`url(#${hatch})`} />
          </g>
        );
      })}
      {roomStage && (
        <RoomShape stage={roomStage} left={x(roomFromMs)} right={x(roomFromMs + roomMs)} now={x(untilMs)} form={form} />
      )}
      <path
        d={`M${inset / 2} ${form.surface}H${width - inset / 2}`}
        stroke="var(--ink)"
        strokeWidth={form.stroke}
        strokeLinecap="round"
      />
      <Marks marks={marks} x={x} form={form} size={size} width={width} />
    </svg>
  );
});

interface RoomShapeProps {
  readonly stage: Stage;
  readonly left: number;
  readonly right: number;
  readonly now: number;
  readonly form: (typeof FORM)[Size];
}

/**
 * The room that the spell has, open at first; barred when three quarters are gone, and crossed out beyond its end. Told
 * by shape, not by colour.
 */
function RoomShape({ stage, left, right, now, form }: RoomShapeProps) {
  const top = form.surface - form.rise - 6;
  const strokes = { stroke: stage === 'over' ? 'var(--rust)' : 'var(--ink)', fill: 'none' };
  return (
    <g data-stage={stage}>
      <path
        d={`M${left} ${form.surface}V${top}H${Math.max(right, left + 6)}V${form.surface}`}
        {...strokes}
        strokeWidth={stage === 'fine' ? 1.5 : 3}
        strokeDasharray={stage === 'fine' ? '4 4' : undefined}
      />
      {(stage === 'three-quarters' || stage === 'over') && (
        <path d={bars(left, Math.max(now, right), top, form.surface)} {...strokes} strokeWidth="2" />
      )}
    </g>
  );
}

/** Slanting bars across the whole block. */
function bars(left: number, right: number, top: number, bottom: number): string {
  const count = Math.max(1, Math.floor((right - left) / 7));
  return Array.from({ length: count }, (_, i) => {
    const x = left + ((i + 0.5) * (right - left)) / count;
    return `M${x - 3} ${bottom}L${x + 3} ${top}`;
  }).join('');
}

/** On a narrower line the names would crowd each other; the list beside it has them all. */
const NARROWEST_NAMED = 480;

/** What is done on the side: the list beside the line has it. */
const ASIDE: ReadonlySet<string> = new Set(['zeroed', 'looked-over', 'treated', 'wetted', 'carried']);
const HOOK_ENDS: ReadonlySet<string> = new Set(['hook-out', 'hook-cut', 'line-cut', 'hook-shed']);

interface MarksProps {
  readonly marks: WaterlineProps['marks'];
  readonly x: (ms: number) => number;
  readonly form: (typeof FORM)[Size];
  readonly size: Size;
  readonly width: number;
}

function Marks({ marks, x, form, size, width }: MarksProps) {
  const shown = marks.filter(({ type }) => type in STEP_WORDS && !ASIDE.has(type));
  if (size === 'glyph') {
    return shown
      .filter(({ type }) => HOOK_ENDS.has(type) || type === 'weighed' || type === 'pictured')
      .map(({ type, atMs }, i) => (
        <MarkShape key={i} type={type as RunStep} x={x(atMs)} y={form.surface} radius={2.1} />
      ));
  }
  const named = size === 'page' && width >= NARROWEST_NAMED;
  const rows = named
    ? stagger(
        shown.map(({ atMs, type }) => ({ x: x(atMs), chars: say(STEP_WORDS[type as RunStep].done).length + 6 })),
        width,
      )
    : [];
  const placed = shown.map(({ type, atMs }, i) => ({
    step: type as RunStep,
    atMs,
    at: x(atMs),
    row: named ? rows[i] : undefined,
    rowY: form.surface + form.depth + 16 + (rows[i]?.row ?? 0) * 15,
  }));
  const labelled = placed.filter(({ row }) => row !== undefined && row.row < 3);
  return (
    <>
      {/* All threads lie under all names, so that none runs through a name beside it. */}
      {labelled.map(({ at, rowY }, i) => (
        <path
          key={`thread ${i}`}
          d={`M${at} ${form.surface + 6}V${rowY - 11}`}
          stroke="var(--edge)"
          strokeWidth="1"
          strokeDasharray="2 3"
        />
      ))}
      {labelled.map(({ step, atMs, at, row, rowY }, i) => (
        <text
          key={`name ${i}`}
          x={at}
          y={rowY}
          textAnchor={row?.anchor ?? 'middle'}
          fontSize="12"
          fill="var(--ink)"
          stroke="var(--paper)"
          strokeWidth="5"
          paintOrder="stroke"
        >
          {say(STEP_WORDS[step].done)} {clockText(atMs)}
        </text>
      ))}
      {placed.map(({ step, at }, i) => (
        <MarkShape key={i} type={step} x={at} y={form.surface} radius={size === 'live' ? 6 : 5} />
      ))}
    </>
  );
}

/** Each mark has a shape of its own: hook out a ring, weighed a hanging sling, pictured a square, the rest a bar. */
function MarkShape({ type, x, y, radius: r }: { type: RunStep; x: number; y: number; radius: number }) {
  const line = { stroke: 'var(--ink)', strokeWidth: r / 2.6, fill: 'var(--leaf)' };
  if (HOOK_ENDS.has(type)) return <circle cx={x} cy={y} r={r} {...line} />;
  if (type === 'weighed')
    return <path d={`M${x - r} ${y - r}H${x + r}L${x} ${y + r}Z`} {...line} strokeLinejoin="round" />;
  if (type === 'dropped')
    return <path d={`M${x - r} ${y - r}L${x + r} ${y + r}M${x + r} ${y - r}L${x - r} ${y + r}`} {...line} />;
  if (type === 'pictured') return <rect x={x - r} y={y - r * 0.8} width={2 * r} height={1.6 * r} {...line} />;
  return <path d={`M${x} ${y - r}V${y + r}`} {...line} strokeLinecap="round" />;
}

/** Air: stands on the surface, with softened shoulders. */
function standing(left: number, wide: number, surface: number, rise: number): string {
  return softened(left, wide, surface, -rise);
}

/** Water: hangs from the surface. */
function hanging(left: number, wide: number, surface: number, depth: number): string {
  return softened(left, wide, surface, depth);
}

/** A block on the surface; `tall` is signed, downwards positive. */
function softened(left: number, wide: number, surface: number, tall: number): string {
  const r = Math.min(5, wide / 2, Math.abs(tall) / 2);
  const s = Math.sign(tall) * r;
  return `M${left} ${surface}v${tall - s}q0 ${s} ${r} ${s}h${wide - 2 * r}q${r} 0 ${r} ${-s}v${s - tall}z`;
}

/**
 * Puts labels on up to three rows so that none runs into its neighbour; beyond that a label is left to the list below.
 */
function stagger(labels: readonly { x: number; chars: number }[], width: number) {
  const ends = [-Infinity, -Infinity, -Infinity];
  return labels.map(({ x, chars }) => {
    // Some letters are wider than the figures: what is reckoned too wide leaves a gap, what is not runs into its
    // neighbour.
    const wide = chars * 7.2;
    const anchor = x < wide / 2 ? 'start' : x > width - wide / 2 ? 'end' : 'middle';
    const left = anchor === 'start' ? x : anchor === 'end' ? x - wide : x - wide / 2;
    const row = ends.findIndex((end) => left > end + 8);
    if (row >= 0) ends[row] = left + wide;
    return { row: row < 0 ? 9 : row, anchor } as const;
  });
}

/**
 * The waterline in words, for those who hear it. Example: "9 min from take to release: 1 min out of the water in 2
 * spells, the longest 40 s."
 */
export function waterlineWords(spells: readonly MediumInterval[], untilMs: number): string {
  const clocks = clocksAt({ spells, marks: [], endMs: untilMs }, untilMs);
  const times = spells.filter(({ medium }) => medium === 'air').length;
  const span = partsText.fromTheTake({ elapsedMs: spanText(clocks.elapsedMs) });
  if (times === 0) return partsText.neverOutOfThe({ span });
  const longest =
    times === 1 ? 'once' : partsText.inSpellsTheLongest({ times, longestAirMs: spanText(clocks.longestAirMs) });
  return partsText.outOfTheWater({ span, airMs: spanText(clocks.airMs), longest });
}
