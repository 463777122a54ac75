import { shortMonthText } from '../../parts/when.js';
import { weighText } from './text.en-GB.js';
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { gramsOf } from '@keeper/core/measure/mass';
import { errorAt, type JudgedCheck } from '@keeper/core/weighing/scaleCheck';
import { PLOT_AXIS } from '../../parts/plotAxis.js';

/** The load at which scales are compared over the years. */
export const COMPARED_GRAMS = 10_000;

/** What the scale showed too much at ten kilograms, check by check over the years. */
export function DriftPlot({ checks, system }: { checks: readonly JudgedCheck[]; system: 'lb-oz' | 'kg' }) {
  const unit = system === 'kg' ? 'g' : 'oz';
  const points = checks.map((check) => ({
    atMs: Date.parse(check.at),
    error:
      Math.round((errorAt(check, COMPARED_GRAMS) / (system === 'kg' ? 1 : gramsOf({ unit: 'oz', count: 1 }))) * 10) /
      10,
  }));
  const newest = points.at(-1);
  const load = system === 'kg' ? '10 kg' : '22 lb';
  const reach = Math.ceil(Math.max(1, ...points.map(({ error }) => Math.abs(error))));
  return (
    <figure
      className="mt-2"
      role="img"
      aria-label={weighText.checksAtTheLast({ pointsCount: points.length, error: newest?.error ?? 0, unit, load })}
    >
      <figcaption className="text-sm text-soft">{weighText.shownTooMuchAt({ load, unit })}</figcaption>
      <ResponsiveContainer width="100%" height={150}>
        <LineChart data={points} margin={{ top: 8, right: 16, bottom: 0, left: 0 }}>
          <CartesianGrid vertical={false} stroke="var(--rule)" />
          <XAxis
            dataKey="atMs"
            type="number"
            domain={['dataMin', 'dataMax']}
            padding={{ left: 28, right: 28 }}
            tickMargin={6}
            tickFormatter={shortMonthText}
            {...PLOT_AXIS}
          />
          <YAxis
            ticks={[-reach, 0, reach]}
            domain={[-reach, reach]}
            width={44}
            tickFormatter={(value: number) => String(value)}
            {...PLOT_AXIS}
          />
          <ReferenceLine y={0} stroke="var(--water)" strokeWidth={2} />
          <Line
            dataKey="error"
            stroke="var(--ink)"
            strokeWidth={2}
            dot={{ r: 4, fill: 'var(--ink)' }}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </figure>
  );
}
