import { weighText } from './text.en-GB.js';
import { gramsOf } from '@keeper/core/measure/mass';
import { wetTareGrams, type SlingDrain } from '@keeper/core/weighing/slingDrain';
import { type TareNote } from '@keeper/core/domain/kit/tareNote';

const [WIDTH, HEIGHT] = [420, 130];
const SHOWN_MIN = 60;

/** The wet sling over the hour after it came out of the water: the curve it follows, and each weighing on it. */
export function DrainPlot({
  tares,
  drain,
  system,
}: {
  tares: readonly TareNote[];
  drain: SlingDrain;
  system: 'lb-oz' | 'kg';
}) {
  const wet = tares
    .filter((tare) => tare.wet)
    .map(({ mass, hungMin }) => ({ grams: gramsOf(mass), min: Math.min(SHOWN_MIN, hungMin ?? 0) }));
  const perUnit = system === 'kg' ? 1 : gramsOf({ unit: 'oz', count: 1 });
  const curve = Array.from({ length: 31 }, (_, i) => ({ min: i * 2, grams: wetTareGrams(drain, i * 2) }));
  const all = [...wet, ...curve].map(({ grams }) => grams);
  const [least, most] = [Math.min(...all) * 0.97, Math.max(...all) * 1.02];
  const x = (min: number) => 58 + (min / SHOWN_MIN) * (WIDTH - 92);
  const y = (grams: number) => HEIGHT - 24 - ((grams - least) / (most - least)) * (HEIGHT - 34);
  const line = curve.map(({ min, grams }) => `${x(min).toFixed(1)},${y(grams).toFixed(1)}`).join(' ');
  const label = (grams: number) => (grams / perUnit).toFixed(system === 'kg' ? 0 : 1);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={weighText.wetWeighingsFromTo({
        wetCount: wet.length,
        drain: label(wetTareGrams(drain, 0)),
        shownMin: label(wetTareGrams(drain, SHOWN_MIN)),
        system,
      })}
      className="mt-2 w-full max-w-xl"
      fontSize="12"
      fill="var(--ink-soft)"
    >
      <polygon points={`${line} ${x(SHOWN_MIN)},${HEIGHT - 24} ${x(0)},${HEIGHT - 24}`} fill="var(--water-fill)" />
      <polyline points={line} fill="none" stroke="var(--water)" strokeWidth="2.5" />
      {wet.map(({ min, grams }, i) => (
        <circle key={i} cx={x(min)} cy={y(grams)} r="4.5" fill="var(--leaf)" stroke="var(--ink)" strokeWidth="2" />
      ))}
      <text x={x(0) - 6} y={y(wetTareGrams(drain, 0)) + 4} textAnchor="end">
        {label(wetTareGrams(drain, 0))} {system === 'kg' ? 'g' : 'oz'}
      </text>
      {[0, 20, 40, 60].map((min) => (
        <text key={min} x={x(min)} y={HEIGHT - 8} textAnchor="middle">
          {weighText.atOnceMin({ min })}
        </text>
      ))}
    </svg>
  );
}
