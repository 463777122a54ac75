import { useMemo, type ReactNode } from 'react';
import { fishDrawing } from '@keeper/core/domain/fish/drawing';
import { isToothed } from '@keeper/core/care/stopLine';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import type { Wound, WoundSide } from '@keeper/core/domain/fish/wound';
import type { FlankPoint } from '@keeper/core/domain/fish/flankPoint';

interface FishChartProps {
  readonly species: SpeciesId | null;
  readonly side: WoundSide;
  readonly label: string;
  readonly children?: ReactNode;
}

/** One flank in lengths of the fish, or the open mouth in its own frame. */
export const CHART_VIEW: Readonly<Record<WoundSide, { left: number; top: number; width: number; height: number }>> = {
  left: { left: -0.04, top: -0.29, width: 1.22, height: 0.57 },
  right: { left: -0.04, top: -0.29, width: 1.22, height: 0.57 },
  mouth: { left: -0.5, top: 0, width: 2, height: 0.94 },
};

/** Where a point of the frame lies in the drawing: the right flank looks the other way. */
export function chartX(side: WoundSide, { u }: FlankPoint): number {
  const { left, width } = CHART_VIEW[side];
  return side === 'right' ? 2 * left + width - u : u;
}

/** A fish of its species, drawn: a flank, or the open mouth. */
export function FishChart({ species, side, label, children }: FishChartProps) {
  const { left, top, width, height } = CHART_VIEW[side];
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${left} ${top} ${width} ${height}`}
      className="block w-full"
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      {side === 'mouth' ? (
        <OpenMouth toothed={species !== null && isToothed(species)} />
      ) : (
        <Flank species={species} side={side} />
      )}
      {children}
    </svg>
  );
}

function Flank({ species, side }: { species: SpeciesId | null; side: WoundSide }) {
  const drawing = useMemo(() => fishDrawing(species), [species]);
  const path = (points: readonly FlankPoint[], closed = true) =>
    `M${points.map((point) => `${chartX(side, point).toFixed(4)} ${point.v.toFixed(4)}`).join('L')}${closed ? 'Z' : ''}`;
  const line = { stroke: 'var(--ink)', strokeWidth: 0.006, fill: 'var(--leaf)' };
  const { eye } = drawing;
  return (
    <g>
      {drawing.finsBehind.map((fin, i) => (
        <path key={i} d={path(fin)} {...line} fill="var(--water-fill)" />
      ))}
      <path d={path([...drawing.back, ...drawing.belly])} fill="var(--leaf)" />
      <path d={path(drawing.back, false)} {...line} fill="none" />
      <path d={path(drawing.belly, false)} {...line} fill="none" />
      {drawing.finsOver.map((fin, i) => (
        <path key={i} d={path(fin)} {...line} fill="var(--water-fill)" />
      ))}
      <path d={path(drawing.gill, false)} {...line} fill="none" strokeWidth={0.004} />
      <path d={path(drawing.mouth, false)} {...line} fill="none" />
      {drawing.barbels.map(({ from, to }, i) => (
        <path key={i} d={path([from, to], false)} {...line} fill="none" />
      ))}
      <circle cx={chartX(side, eye)} cy={eye.v} r={eye.radius} fill="var(--ink)" />
    </g>
  );
}

/** The mouth from before, held open: lips, roof and floor, and teeth where there are some. */
function OpenMouth({ toothed }: { toothed: boolean }) {
  const line = { stroke: 'var(--ink)', strokeWidth: 0.014 };
  const teeth = [0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8];
  return (
    <g>
      <ellipse cx="0.5" cy="0.47" rx="0.46" ry="0.43" {...line} fill="var(--leaf)" />
      <ellipse cx="0.5" cy="0.48" rx="0.33" ry="0.31" {...line} fill="var(--water-fill)" />
      <ellipse cx="0.5" cy="0.52" rx="0.14" ry="0.13" fill="var(--ink)" opacity="0.7" />
      {toothed &&
        teeth.map((u) => (
          <g key={u}>
            <path
              d={`M${u - 0.025} ${lip(u, -1)}l0.025 0.07l0.025 -0.07`}
              {...line}
              strokeWidth={0.008}
              fill="var(--paper)"
            />
            <path
              d={`M${u - 0.025} ${lip(u, 1)}l0.025 -0.07l0.025 0.07`}
              {...line}
              strokeWidth={0.008}
              fill="var(--paper)"
            />
          </g>
        ))}
    </g>
  );
}

function lip(u: number, way: 1 | -1): number {
  return 0.48 + way * 0.31 * Math.sqrt(Math.max(0, 1 - ((u - 0.5) / 0.335) ** 2));
}

/** A wound on the chart: its size to scale, its kind by shape. */
export function WoundMark({ wound, faint = false }: { wound: Wound; faint?: boolean }) {
  const { side, at, kind, sizeMm } = wound;
  const [x, y] = [chartX(side, at), at.v];
  const mouth = side === 'mouth';
  const r = (mouth ? 1.8 : 1) * (0.012 + 0.0004 * sizeMm);
  const line = { stroke: 'var(--rust)', strokeWidth: mouth ? 0.02 : 0.01, opacity: faint ? 0.5 : 1 };
  if (kind === 'hook-hold') return <circle cx={x} cy={y} r={r} {...line} fill="none" />;
  if (kind === 'healed') return <circle cx={x} cy={y} r={r} {...line} fill="none" strokeDasharray="0.015 0.015" />;
  if (kind === 'ulcer') return <circle cx={x} cy={y} r={r} {...line} fill="var(--rust)" />;
  if (kind === 'parasite')
    return <rect x={x - r / 2} y={y - r / 2} width={r} height={r} {...line} fill="var(--rust)" />;
  if (kind === 'torn-fin')
    return (
      <path d={`M${x - r} ${y - r}L${x + r} ${y + r}M${x + r} ${y - r}L${x - r} ${y + r}`} {...line} fill="none" />
    );
  if (kind === 'predator')
    return (
      <path d={`M${x - r} ${y - r}V${y + r}M${x} ${y - r}V${y + r}M${x + r} ${y - r}V${y + r}`} {...line} fill="none" />
    );
  return (
    <path
      d={`M${x - r} ${y + r}Q${x} ${y - 1.6 * r} ${x + r} ${y + r}Z`}
      {...line}
      fill={kind === 'scales-missing' ? 'var(--rust)' : 'none'}
    />
  );
}
