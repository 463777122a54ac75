import { Area, CartesianGrid, ComposedChart, Line, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { RateCurve } from '@keeper/core/findings/rateCurve';
import { PLOT_AXIS } from '../../parts/plotAxis.js';
import { Section } from '../../parts/Section.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';

/** So many rod-hours a rate is said of. */
const HOURS = 100;
const HEIGHT = 170;
/** Of the points drawn, every so many stand in the words of the chart. */
const EVERY = 4;

/** How the rate goes from hour to hour and from degree to degree: small pictures side by side. */
export function RateCurves({ curves }: { curves: readonly RateCurve[] }) {
  const drawn = curves.filter(({ points }) => points.length > 1);
  if (drawn.length === 0) return null;
  return (
    <Section title={findingsText.hourByHour}>
      <div className="grid gap-6 sm:grid-cols-2 lg:grid-cols-3">
        {drawn.map((curve) => (
          <CurvePlot key={curve.curve} curve={curve} />
        ))}
      </div>
      <p className="mt-2 max-w-prose text-sm text-soft">{findingsText.curvesHow}</p>
    </Section>
  );
}

function CurvePlot({ curve: { curve, points } }: { curve: RateCurve }) {
  const title = findingsText.curve[curve];
  const data = points.map(({ x, rate, low, high }) => ({ x, rate: HOURS * rate, band: [HOURS * low, HOURS * high] }));
  // The limits of its ends, where hardly anybody fished, would flatten all the rest.
  const top = 2.2 * Math.max(...data.map(({ rate }) => rate));
  const number = (value: number) => value.toLocaleString(undefined, { maximumFractionDigits: value < 10 ? 1 : 0 });
  const every = points.filter((_, i) => i % EVERY === 0);
  return (
    <figure className="min-w-0">
      <figcaption className="text-sm text-soft">{title}</figcaption>
      <div aria-hidden>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <ComposedChart data={data} accessibilityLayer={false} margin={{ top: 8, right: 8, bottom: 0, left: -18 }}>
            <CartesianGrid vertical={false} stroke="var(--rule)" />
            <XAxis
              {...PLOT_AXIS}
              dataKey="x"
              type="number"
              domain={['dataMin', 'dataMax']}
              tickFormatter={(x: number) => (curve === 'waterC' ? x.toFixed(0) : `${x > 0 ? '+' : ''}${x.toFixed(0)}`)}
            />
            <YAxis {...PLOT_AXIS} domain={[0, top]} allowDataOverflow tickFormatter={number} />
            <Area dataKey="band" fill="var(--water-fill)" stroke="none" fillOpacity={0.7} isAnimationActive={false} />
            <Line dataKey="rate" stroke="var(--ink)" strokeWidth={2.5} dot={false} isAnimationActive={false} />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <table className="sr-only">
        <caption>{title}</caption>
        <tbody>
          {every.map(({ x, rate, low, high }) => (
            <tr key={x}>
              <th scope="row">{x.toFixed(1)}</th>
              <td>
                {findingsText.rateOf({
                  rate: number(HOURS * rate),
                  low: number(HOURS * low),
                  high: number(HOURS * high),
                })}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  );
}
