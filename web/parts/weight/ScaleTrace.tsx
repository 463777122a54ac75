import type { ScaleSample, Settling } from '@keeper/core/weighing/settle';

const SHOWN_MS = 12_000;
const [WIDTH, HEIGHT] = [400, 96];

/** The last seconds of a scale as one quiet line; what it has settled at is the waterline in it. */
export function ScaleTrace({ samples, settling }: { samples: readonly ScaleSample[]; settling: Settling }) {
  const nowMs = samples.at(-1)?.atMs ?? 0;
  const shown = samples.filter(({ atMs }) => atMs > nowMs - SHOWN_MS);
  const middle = settling.grams ?? shown.at(-1)?.grams ?? 0;
  // A twentieth of the weight either way fills the height: a calm fish draws a calm line.
  const reach = Math.max(middle * 0.05, 30);
  const x = (atMs: number) => WIDTH - ((nowMs - atMs) / SHOWN_MS) * WIDTH;
  const y = (grams: number) => HEIGHT / 2 - Math.max(-1, Math.min(1, (grams - middle) / reach)) * (HEIGHT / 2 - 6);
  const settled = settling.steadiness === 'settled';
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      aria-hidden
      className="h-24 w-full rounded-sm bg-leaf"
    >
      <rect
        x="0"
        y={HEIGHT / 2}
        width={WIDTH}
        height={HEIGHT / 2}
        fill="var(--water-fill)"
        opacity={settled ? 1 : 0.35}
      />
      <line
        x1="0"
        x2={WIDTH}
        y1={HEIGHT / 2}
        y2={HEIGHT / 2}
        stroke="var(--water)"
        strokeWidth={settled ? 3 : 1.5}
        strokeDasharray={settled ? undefined : '3 6'}
        vectorEffect="non-scaling-stroke"
      />
      <polyline
        points={shown.map(({ atMs, grams }) => `${x(atMs).toFixed(1)},${y(grams).toFixed(1)}`).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2"
        strokeLinejoin="round"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
