import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { PLOT_AXIS } from '../../parts/plotAxis.js';
import type { Rehearsal } from '@keeper/core/rehearse/rehearsal';

/** Score and use of the time in the air, one rehearsal after the other. */
export function ScorePlot({ played }: { played: readonly Rehearsal[] }) {
  const points = played.map(({ score, longestAirMs, budgetMs }, i) => ({
    n: i + 1,
    right: Math.round(score * 100),
    air: budgetMs > 0 ? Math.round((100 * longestAirMs) / budgetMs) : 0,
  }));
  const newest = points.at(-1);
  const most = Math.max(100, ...points.map(({ air }) => air));
  return (
    <figure
      role="img"
      aria-label={`${points.length} rehearsals; in the last one ${newest?.right ?? 0} of 100 decisions were right.`}
    >
      <ResponsiveContainer width="100%" height={230}>
        <LineChart data={points} margin={{ top: 10, right: 16, bottom: 4, left: 0 }}>
          <CartesianGrid vertical={false} stroke="var(--rule)" />
          <XAxis dataKey="n" {...PLOT_AXIS} allowDecimals={false} />
          <YAxis domain={[0, most]} width={36} {...PLOT_AXIS} />
          <ReferenceLine y={100} stroke="var(--edge)" />
          <Line
            dataKey="right"
            stroke="var(--reed)"
            strokeWidth={3}
            dot={{ r: 4, fill: 'var(--reed)' }}
            isAnimationActive={false}
          />
          <Line
            dataKey="air"
            stroke="var(--air)"
            strokeWidth={2}
            strokeDasharray="5 4"
            dot={false}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
      <figcaption className="text-sm text-soft">
        Full line: decisions that were right, of 100. Broken line: longest time in the air, in hundredths of what was
        allowed.
      </figcaption>
    </figure>
  );
}
