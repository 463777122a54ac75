import { weighText } from './text.en-GB.js';
import { GRAMS_PER_POUND } from '@keeper/core/measure/mass';
import { errorAt, type JudgedCheck } from '@keeper/core/weighing/scaleCheck';
import { formatDoubt } from '@keeper/core/measure/formatInterval';
import { dayText } from '../../parts/when.js';

const [WIDTH, HEIGHT] = [400, 190];

/** What a check found: error by load, the line through it, and the limits of the class on either side. */
export function CheckVerdict({ check, system }: { check: JudgedCheck; system: 'lb-oz' | 'kg' }) {
  const { points, within, shape } = check;
  const outside = points.filter((point) => !point.within);
  return (
    <section aria-label={weighText.verdict} className="grid gap-3">
      <p className="font-book text-2xl">
        {within
          ? weighText.withinTheLimitsOf
          : weighText.outsideTheLimitsOf({
              system: outside.map(({ trueGrams }) => loadText(trueGrams, system)).join(', '),
            })}
      </p>
      <ErrorPlot check={check} system={system} />
      <p>{shape === 'crooked' ? CROOKED : <GainSentence check={check} system={system} />}</p>
      <p className="text-sm text-soft">{weighText.fittedByLeastSquares({ due: dayText(check.due) })}</p>
    </section>
  );
}

const CROOKED = weighText.itIsUnevenIts;

/** What a check corrects: the gain, for a net is the difference of two loads and an offset is in both. */
function GainSentence({ check, system }: { check: JudgedCheck; system: 'lb-oz' | 'kg' }) {
  const { gain, offsetGrams, covariance, shape } = check;
  if (shape === 'curved') return <>{weighText.itsErrorBendsLarger}</>;
  const perThousand = (gain - 1) * 1000;
  const unsure = Math.abs(gain - 1) < 2 * Math.sqrt(covariance[0][0]);
  return (
    <>
      {weighText.itShowsInToo({ perThousand: Math.abs(perThousand).toFixed(1), perThousand2: perThousand })}
      {unsure && weighText.whichMayBeZero}
      {weighText.itsZeroLiesZeroed({
        offsetGrams: formatDoubt(Math.abs(offsetGrams), system),
        offsetGrams2: offsetGrams,
      })}
    </>
  );
}

function loadText(grams: number, system: 'lb-oz' | 'kg'): string {
  return system === 'kg'
    ? weighText.kg({ grams: (grams / 1000).toFixed(1) })
    : weighText.lb({ gramsPerPound: (grams / GRAMS_PER_POUND).toFixed(1) });
}

function ErrorPlot({ check, system }: { check: JudgedCheck; system: 'lb-oz' | 'kg' }) {
  const { points } = check;
  const most = Math.max(...points.map(({ trueGrams }) => trueGrams)) * 1.08;
  const reach =
    Math.max(...points.flatMap(({ errorGrams, limitGrams }) => [Math.abs(errorGrams), limitGrams ?? 0])) * 1.25 || 1;
  const x = (grams: number) => 40 + (grams / most) * (WIDTH - 56);
  const y = (error: number) => HEIGHT / 2 - 8 - (error / reach) * (HEIGHT / 2 - 22);
  const pieces = check.shape === 'curved' ? 24 : 1;
  const fitted = Array.from({ length: pieces + 1 }, (_, i) => i / pieces);
  const sorted = points.toSorted((a, b) => a.trueGrams - b.trueGrams);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={sorted
        .map(({ trueGrams, errorGrams }) => `${loadText(trueGrams, system)}: ${Math.round(errorGrams)} g`)
        .join('; ')}
      className="w-full rounded-sm bg-leaf"
      fontSize="12"
      fill="var(--ink-soft)"
    >
      {sorted.map(({ trueGrams, limitGrams = 0 }) => (
        <line
          key={trueGrams}
          x1={x(trueGrams)}
          x2={x(trueGrams)}
          y1={y(limitGrams)}
          y2={y(-limitGrams)}
          stroke="var(--water-fill)"
          strokeWidth="14"
        />
      ))}
      <line x1={x(0)} x2={WIDTH - 8} y1={y(0)} y2={y(0)} stroke="var(--water)" strokeWidth="1.5" />
      {check.shape !== 'crooked' && (
        <polyline
          points={fitted.map((share) => `${x(share * most)},${y(errorAt(check, share * most))}`).join(' ')}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.5"
          strokeDasharray="5 5"
        />
      )}
      {sorted.map(({ trueGrams, errorGrams, within }) => (
        <g key={trueGrams}>
          <circle
            cx={x(trueGrams)}
            cy={y(errorGrams)}
            r="6"
            fill={within ? 'var(--leaf)' : 'var(--rust)'}
            stroke="var(--ink)"
            strokeWidth="2"
          />
          <text x={x(trueGrams)} y={HEIGHT - 6} textAnchor="middle">
            {loadText(trueGrams, system)}
          </text>
        </g>
      ))}
      <text x="34" y={y(0) + 4} textAnchor="end">
        {weighText.trueIt}
      </text>
      <text x="4" y="14">
        {weighText.showsMore}
      </text>
      <text x="4" y={HEIGHT - 26}>
        {weighText.showsLess}
      </text>
    </svg>
  );
}
