import { bankText } from './text.en-GB.js';
import {
  Area,
  ComposedChart,
  Line,
  ReferenceArea,
  ReferenceDot,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import type { HeatMoment } from '@keeper/core/care/heatForecast';
import type { TakenCondition } from '@keeper/core/domain/outing/outingState';
import { fahrenheitOf, type TempUnit } from '@keeper/core/measure/temperature';
import { clock } from '../../data/useOutingAssessment.js';

interface ConditionsStripProps {
  /** Empty without a forecast: then only what was measured is drawn. */
  readonly moments: readonly HeatMoment[];
  readonly conditions: readonly TakenCondition[];
  readonly momentMs: number;
  readonly habit: TempUnit;
}

/** The hours as a picture: the water as a surface, air, mat and bucket over it, what was measured as dots on it. */
export function ConditionsStrip({ moments, conditions, momentMs, habit }: ConditionsStripProps) {
  const shown = (tempC: number) => (habit === 'F' ? fahrenheitOf(tempC) : tempC);
  const data = moments.length > 0 ? moments.map((moment) => ahead(moment, shown)) : measuredOnly(conditions, shown);
  const [first, last] = [data[0]?.atMs ?? 0, data.at(-1)?.atMs ?? 1];
  const known = data
    .flatMap(({ water, air, mat, bucket }) => [water, air, mat, bucket])
    .filter((value) => value !== undefined);
  const least = Math.floor(Math.min(...known) - 4);
  const most = Math.ceil(Math.max(...known) + 2);
  const dark = moments.filter(({ sunAltitudeDeg }) => sunAltitudeDeg < -0.8).map(({ atMs }) => atMs);
  const measured = conditions.filter(({ waterC, atMs }) => waterC !== undefined && atMs >= first && atMs <= last);
  const felt = conditions.filter(({ airC, atMs }) => airC !== undefined && atMs >= first && atMs <= last);
  const [hot] = [...moments].sort((a, b) => b.matC - a.matC);
  return (
    <figure aria-label={words(moments, conditions)} role="img">
      <ResponsiveContainer width="100%" height={230}>
        <ComposedChart data={data} margin={{ top: 16, right: 54, bottom: 0, left: 0 }} accessibilityLayer={false}>
          <defs>
            <pattern id="strip-water" width="14" height="6" patternUnits="userSpaceOnUse">
              <rect width="14" height="6" fill="var(--water-fill)" />
              <path d="M0 3q3.5 -1.6 7 0t7 0" fill="none" stroke="var(--water)" strokeWidth="1" opacity="0.75" />
            </pattern>
          </defs>
          <XAxis
            dataKey="atMs"
            type="number"
            domain={[first, last]}
            ticks={hourTicks(first, last)}
            tickFormatter={clock}
            stroke="var(--ink-soft)"
            tick={{ fontSize: 13, fill: 'var(--ink-soft)' }}
            tickLine={false}
          />
          <YAxis
            domain={[least, most]}
            width={40}
            stroke="var(--ink-soft)"
            tick={{ fontSize: 13, fill: 'var(--ink-soft)' }}
            tickFormatter={(value: number) => `${Math.round(value)}°`}
            tickLine={false}
            axisLine={false}
          />
          {dark.length > 0 && (
            <ReferenceArea x1={Math.min(...dark)} x2={Math.max(...dark)} fill="var(--ink)" fillOpacity={0.05} />
          )}
          <Area
            dataKey="water"
            connectNulls
            fill="url(#strip-water)"
            fillOpacity={1}
            stroke="var(--ink)"
            strokeWidth={2}
            isAnimationActive={false}
            baseValue={least}
          />
          <Line dataKey="air" stroke="var(--ink-soft)" strokeWidth={1.5} dot={false} isAnimationActive={false} />
          <Line
            dataKey="bucket"
            stroke="var(--ink)"
            strokeWidth={2}
            strokeDasharray="2 4"
            dot={false}
            isAnimationActive={false}
          />
          <Line dataKey="mat" stroke="var(--air)" strokeWidth={3} dot={false} isAnimationActive={false} />
          <ReferenceLine
            x={momentMs}
            stroke="var(--ink)"
            strokeWidth={1.5}
            label={named(momentMs > first ? 'now' : 'start', 'insideTopLeft')}
          />
          {measured.map(({ eventId, atMs, waterC }) => (
            <ReferenceDot
              key={eventId}
              x={atMs}
              y={shown(waterC ?? 0)}
              r={6}
              fill="var(--leaf)"
              stroke="var(--ink)"
              strokeWidth={2.5}
            />
          ))}
          {felt.map(({ eventId, atMs, airC }) => (
            <ReferenceDot
              key={eventId}
              x={atMs}
              y={shown(airC ?? 0)}
              r={4}
              fill="var(--ink-soft)"
              stroke="var(--leaf)"
            />
          ))}
          {endLabels(data.at(-1), most - least).map(({ name, y }) => (
            <ReferenceDot key={name} x={last} y={y} r={0} label={named(name, 'right')} />
          ))}
          {hot && (
            <ReferenceDot
              x={hot.atMs}
              y={shown(hot.matC)}
              r={0}
              label={named(bankText.mat({ matC: Math.round(shown(hot.matC)) }), 'top')}
            />
          )}
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  );
}

interface Drawn {
  readonly atMs: number;
  readonly water: number | undefined;
  readonly air: number | undefined;
  readonly mat?: number;
  readonly bucket?: number;
}

function ahead({ atMs, waterC, airC, matC, bucketC }: HeatMoment, shown: (tempC: number) => number): Drawn {
  return { atMs, water: shown(waterC), air: shown(airC), mat: shown(matC), bucket: shown(bucketC) };
}

function measuredOnly(conditions: readonly TakenCondition[], shown: (tempC: number) => number): Drawn[] {
  const of = (tempC: number | undefined) => (tempC === undefined ? undefined : shown(tempC));
  return conditions
    .filter(({ waterC, airC }) => waterC !== undefined || airC !== undefined)
    .map(({ atMs, waterC, airC }) => ({ atMs, water: of(waterC), air: of(airC) }));
}

function named(value: string, position: 'right' | 'top' | 'insideTopLeft') {
  return { value, position, fontSize: 13, fill: 'var(--ink)' } as const;
}

/** Names at the right end of the lines, moved apart so that they do not cover each other. */
function endLabels(end: Drawn | undefined, span: number) {
  const labels = (['water', 'air', 'bucket'] as const)
    .flatMap((name) => (end?.[name] === undefined ? [] : { name, y: end[name] }))
    .sort((a, b) => a.y - b.y);
  const gap = span * 0.075;
  for (let i = 1; i < labels.length; i += 1) {
    const [below, here] = [labels[i - 1], labels[i]];
    if (below && here && here.y < below.y + gap) here.y = below.y + gap;
  }
  return labels;
}

function hourTicks(firstMs: number, lastMs: number): number[] {
  const hourMs = 3_600_000;
  const every = Math.max(1, Math.ceil((lastMs - firstMs) / hourMs / 7)) * hourMs;
  const ticks: number[] = [];
  for (let at = Math.ceil(firstMs / hourMs) * hourMs; at <= lastMs; at += every) ticks.push(at);
  return ticks;
}

/** The strip in words, for those who hear it. */
function words(moments: readonly HeatMoment[], conditions: readonly TakenCondition[]): string {
  if (moments.length === 0) return bankText.whatWasMeasuredReadings({ conditionsCount: conditions.length });
  const water = moments.map(({ waterC }) => waterC);
  const mat = Math.max(...moments.map(({ matC }) => matC));
  const measured = conditions.filter(({ waterC }) => waterC !== undefined).length;
  return bankText.theHoursFromTo({
    atMs: clock(moments[0]?.atMs ?? 0),
    atMs2: clock(moments.at(-1)?.atMs ?? 0),
    water: Math.min(...water).toFixed(1),
    water2: Math.max(...water).toFixed(1),
    mat: mat.toFixed(0),
    measured,
  });
}
