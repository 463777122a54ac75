import { rehearseText } from './text.en-GB.js';
import { Bar, CartesianGrid, ComposedChart, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { PLOT_AXIS } from '../../parts/plotAxis.js';
import type { Rehearsal } from '@keeper/core/rehearse/rehearsal';

/** Share of right decisions, and the longest time in the air beside what was allowed, one rehearsal after the other. */
export function ScorePlot({ played }: { played: readonly Rehearsal[] }) {
  const points = played.map(({ score, longestAirMs, budgetMs }, i) => ({
    n: i + 1,
    right: Math.round(score * 100),
    airSeconds: Math.round(longestAirMs / 1000),
    allowedSeconds: Math.round(budgetMs / 1000),
  }));
  const newest = points.at(-1);
  const frame = { data: points, margin: { top: 10, right: 16, bottom: 4, left: 0 } };
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
      <figure
        role="img"
        aria-label={rehearseText.rehearsalsInTheLast({ pointsCount: points.length, right: newest?.right ?? 0 })}
      >
        <figcaption className="text-sm text-soft">{rehearseText.decisionsThatWereRight}</figcaption>
        <ResponsiveContainer width="100%" height={200}>
          <LineChart {...frame}>
            <CartesianGrid vertical={false} stroke="var(--rule)" />
            <XAxis dataKey="n" {...PLOT_AXIS} allowDecimals={false} padding={{ left: 16, right: 16 }} />
            <YAxis domain={[0, 100]} ticks={[0, 50, 100]} width={36} {...PLOT_AXIS} />
            <Line
              dataKey="right"
              stroke="var(--reed)"
              strokeWidth={3}
              dot={{ r: 4, fill: 'var(--reed)' }}
              isAnimationActive={false}
            />
          </LineChart>
        </ResponsiveContainer>
      </figure>
      <figure
        role="img"
        aria-label={rehearseText.longestTimeInThe({
          airSeconds: newest?.airSeconds ?? 0,
          allowedSeconds: newest?.allowedSeconds ?? 0,
        })}
      >
        <figcaption className="text-sm text-soft">{rehearseText.longestTimeInTheAir}</figcaption>
        <ResponsiveContainer width="100%" height={200}>
          <ComposedChart {...frame}>
            <CartesianGrid vertical={false} stroke="var(--rule)" />
            <XAxis dataKey="n" {...PLOT_AXIS} allowDecimals={false} />
            <YAxis width={36} {...PLOT_AXIS} />
            <Bar dataKey="airSeconds" fill="var(--air)" barSize={18} isAnimationActive={false} />
            <Line
              dataKey="allowedSeconds"
              type="step"
              stroke="var(--ink)"
              strokeWidth={2}
              dot={false}
              isAnimationActive={false}
            />
          </ComposedChart>
        </ResponsiveContainer>
      </figure>
    </div>
  );
}
