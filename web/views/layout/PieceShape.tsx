import type { KitPiece, Point } from '@keeper/core/domain/water/plan';

interface PieceShapeProps {
  readonly piece: KitPiece;
  readonly at: Point;
  /** What a person or a camera looks at. */
  readonly toward?: Point | undefined;
  readonly chosen: boolean;
  readonly wrong: boolean;
}

/** One piece of kit as it looks from above, to scale, in metres. */
export function PieceShape({ piece, at, toward, chosen, wrong }: PieceShapeProps) {
  const turn = toward ? (Math.atan2(-(toward.yM - at.yM), toward.xM - at.xM) * 180) / Math.PI : 0;
  return (
    <g
      transform={`translate(${at.xM} ${-at.yM})`}
      stroke={wrong ? 'var(--rust)' : 'var(--ink)'}
      strokeWidth={chosen || wrong ? 0.07 : 0.04}
      fill="var(--leaf)"
      strokeLinejoin="round"
    >
      {SHAPES[piece](turn)}
    </g>
  );
}

const person = (turn: number, helper: boolean) => (
  <g transform={`rotate(${turn})`}>
    <ellipse rx="0.16" ry="0.27" fill={helper ? 'var(--leaf)' : 'var(--reed)'} />
    <circle cx="0.05" r="0.12" fill="var(--leaf)" />
    <path d="M.08 -.24Q.3 -.24 .36 -.1M.08 .24Q.3 .24 .36 .1" fill="none" />
  </g>
);

const SHAPES: Readonly<Record<KitPiece, (turn: number) => React.ReactNode>> = {
  net: () => (
    <g>
      <path d="M0 .5L-.48 -.28Q0 -.62 .48 -.28Z" fill="var(--leaf)" fillOpacity="0.6" />
      <path d="M-.3 .02L.2 -.42M-.15 .26L.38 -.32M.3 .02L-.2 -.42M.15 .26L-.38 -.32" strokeWidth="0.015" fill="none" />
      <path d="M0 .5V1.5" strokeWidth="0.06" fill="none" />
    </g>
  ),
  mat: () => (
    <g>
      <rect x="-0.65" y="-0.4" width="1.3" height="0.8" rx="0.14" fill="var(--water)" fillOpacity="0.85" />
      <rect
        x="-0.53"
        y="-0.28"
        width="1.06"
        height="0.56"
        rx="0.1"
        fill="none"
        stroke="var(--leaf)"
        strokeWidth="0.025"
      />
    </g>
  ),
  sling: () => <rect x="-0.4" y="-0.14" width="0.8" height="0.28" rx="0.14" />,
  'weigh-bar': () => (
    <g fill="none">
      <path d="M0 0L-.3 .24M0 0L.3 .24M0 0V-.34" strokeWidth="0.05" />
      <circle r="0.08" fill="var(--leaf)" />
    </g>
  ),
  bucket: () => (
    <g>
      <circle r="0.17" fill="var(--water-fill)" />
      <path d="M-.17 0Q0 -.14 .17 0" fill="none" />
    </g>
  ),
  'kit-roll': () => (
    <g>
      <rect x="-0.22" y="-0.13" width="0.44" height="0.26" rx="0.03" />
      <path d="M-.11 -.13V.13M0 -.13V.13M.11 -.13V.13" strokeWidth="0.025" />
    </g>
  ),
  'care-kit': () => (
    <g>
      <rect x="-0.17" y="-0.13" width="0.34" height="0.26" rx="0.04" />
      <path d="M0 -.09Q.08 .02 0 .09Q-.08 .02 0 -.09Z" fill="var(--water)" strokeWidth="0.02" />
    </g>
  ),
  board: () => (
    <g>
      <rect x="-0.6" y="-0.09" width="1.2" height="0.18" />
      <path d="M-.4 .09V.02M-.2 .09V.02M0 .09V-.02M.2 .09V.02M.4 .09V.02" strokeWidth="0.02" />
    </g>
  ),
  camera: (turn) => (
    <g transform={`rotate(${turn})`}>
      <rect x="-0.14" y="-0.16" width="0.2" height="0.32" rx="0.03" fill="var(--ink)" />
      <rect x="0.06" y="-0.08" width="0.12" height="0.16" />
    </g>
  ),
  brolly: () => (
    <g fillOpacity="0.25" fill="var(--reed)">
      <circle r="1.1" strokeDasharray=".16 .1" />
      <path d="M-1.1 0H1.1M0 -1.1V1.1M-.78 -.78L.78 .78M.78 -.78L-.78 .78" strokeWidth="0.02" />
    </g>
  ),
  angler: (turn) => person(turn, false),
  helper: (turn) => person(turn, true),
};
