import type { JudgedCheck } from '@keeper/core/weighing/scaleCheck';
import { doubtText } from '../../parts/weight/massWords.js';
import { dayText } from '../../parts/when.js';

const [WIDTH, HEIGHT] = [400, 190];

/** What a check found: error by load, the line through it, and the limits of the class on either side. */
export function CheckVerdict({ check, system }: { check: JudgedCheck; system: 'lb-oz' | 'kg' }) {
  const { line, points, within } = check;
  const gain = (line.slope - 1) * 1000;
  const outside = points.filter((point) => !point.within);
  return (
    <section aria-label="Verdict" className="grid gap-3">
      <p className="font-book text-2xl">
        {within
          ? 'Within the limits of its class.'
          : `Outside the limits of its class at ${outside.map(({ trueGrams }) => loadText(trueGrams, system)).join(', ')}.`}
      </p>
      <ErrorPlot check={check} system={system} />
      <p>
        Its zero lies {doubtText(Math.abs(line.offset), system)} {line.offset < 0 ? 'low' : 'high'}
        {Math.abs(line.offset) < 2 * line.uOffset && ', which may be nothing'}; with the load it shows{' '}
        {Math.abs(gain).toFixed(1)} in 1000 too {gain < 0 ? 'little' : 'much'}
        {Math.abs(line.slope - 1) < 2 * line.uSlope && ', which may be nothing'}.
      </p>
      <p className="text-sm text-soft">
        Line by least squares, each point by how well its mass is known. Limits in service: OIML R 76-1, twice those of
        a first verification. Next check by {dayText(check.due)}.
      </p>
    </section>
  );
}

function loadText(grams: number, system: 'lb-oz' | 'kg'): string {
  return system === 'kg' ? `${(grams / 1000).toFixed(1)} kg` : `${(grams / 453.59237).toFixed(1)} lb`;
}

function ErrorPlot({ check: { points, line }, system }: { check: JudgedCheck; system: 'lb-oz' | 'kg' }) {
  const most = Math.max(...points.map(({ trueGrams }) => trueGrams)) * 1.08;
  const reach =
    Math.max(...points.flatMap(({ errorGrams, limitGrams }) => [Math.abs(errorGrams), limitGrams ?? 0])) * 1.25 || 1;
  const x = (grams: number) => 40 + (grams / most) * (WIDTH - 56);
  const y = (error: number) => HEIGHT / 2 - 8 - (error / reach) * (HEIGHT / 2 - 22);
  const error = (grams: number) => line.offset + (line.slope - 1) * grams;
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
      <line
        x1={x(0)}
        x2={x(most)}
        y1={y(error(0))}
        y2={y(error(most))}
        stroke="var(--ink)"
        strokeWidth="1.5"
        strokeDasharray="5 5"
      />
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
        true
      </text>
      <text x="4" y="14">
        shows more
      </text>
      <text x="4" y={HEIGHT - 26}>
        shows less
      </text>
    </svg>
  );
}
