import { shortMonthText } from '../../parts/when.js';
import { fishText } from './text.en-GB.js';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  ErrorBar,
  ReferenceArea,
  ResponsiveContainer,
  Scatter,
  XAxis,
  YAxis,
} from 'recharts';
import type { GrowthFit, Measure } from '@keeper/core/biometry/growth';
import { wintersWithin, yearsWithin } from './wintersWithin.js';
import { PLOT_AXIS } from '../../parts/plotAxis.js';
import { DAY_MS } from '@keeper/core/measure/timeSpan';

interface GrowthPlotProps {
  readonly title: string;
  readonly measures: readonly Measure[];
  readonly fit: GrowthFit | undefined;
  /** One unit of the plot in that of the measures, such as 453.6 g for pounds. */
  readonly unit: number;
  readonly unitName: string;
  /** Whether its water lies south of the equator: winter is in the middle of the year. */
  readonly isSouthern: boolean;
}

const STEPS = 60;

/**
 * A fish through the years: each measure with its doubt, the band in which the next is expected, and the winters
 * shaded.
 */
export function GrowthPlot({ title, measures, fit, unit, unitName, isSouthern }: GrowthPlotProps) {
  const times = measures.map(({ atMs }) => atMs);
  const [from, to] = [Math.min(...times) - 30 * DAY_MS, Math.max(...times) + 90 * DAY_MS];
  const points = measures.map(({ atMs, value, u }) => ({ atMs, value: value / unit, doubt: (2 * u) / unit }));
  const band = fit
    ? Array.from({ length: STEPS + 1 }, (_, i) => {
        const atMs = from + ((to - from) * i) / STEPS;
        const { value, expanded } = fit.at(atMs);
        return { atMs, band: [(value - expanded) / unit, (value + expanded) / unit] };
      })
    : [];
  const all = [...points.flatMap(({ value, doubt }) => [value - doubt, value + doubt]), ...band.flatMap((b) => b.band)];
  const [low, high] = [Math.floor(Math.min(...all)), Math.ceil(Math.max(...all))];
  return (
    <figure role="img" aria-label={`${title}: ${points.map(({ value }) => value.toFixed(1)).join(', ')} ${unitName}.`}>
      <figcaption className="text-sm text-soft">{fishText.inIt2({ title, unitName })}</figcaption>
      <ResponsiveContainer width="100%" height={190}>
        <ComposedChart margin={{ top: 8, right: 12, bottom: 0, left: 0 }}>
          <CartesianGrid vertical={false} stroke="var(--rule)" />
          {wintersWithin(from, to, isSouthern).map(([start, end]) => (
            <ReferenceArea
              key={start}
              x1={start}
              x2={end}
              fill="var(--water-fill)"
              fillOpacity={0.6}
              ifOverflow="hidden"
            />
          ))}
          <XAxis
            dataKey="atMs"
            type="number"
            domain={[from, to]}
            allowDataOverflow
            ticks={yearsWithin(from, to)}
            tickFormatter={shortMonthText}
            {...PLOT_AXIS}
          />
          <YAxis domain={[low, high]} width={44} allowDecimals={false} {...PLOT_AXIS} />
          {fit && (
            <Area
              data={band}
              dataKey="band"
              stroke="none"
              fill="var(--water)"
              fillOpacity={0.16}
              isAnimationActive={false}
            />
          )}
          <Scatter data={points} dataKey="value" fill="var(--ink)" isAnimationActive={false}>
            <ErrorBar dataKey="doubt" direction="y" width={6} strokeWidth={2} stroke="var(--ink)" />
          </Scatter>
        </ComposedChart>
      </ResponsiveContainer>
    </figure>
  );
}
