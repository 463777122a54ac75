import { layoutText } from './text.en-GB.js';
import type { ReactNode } from 'react';
import { isBand, type Fixture, type KitPiece, type Layout, type Point } from '@keeper/core/domain/water/plan';
import { REACH_M } from '@keeper/core/bank/judgeLayout';
import { type BankPlan } from '@keeper/core/bank/layoutPoint';
import { shadeCasters, shadowOf, shadowOutline } from '@keeper/core/weather/shade';
import type { SunPlace } from '@keeper/core/weather/sun';
import { towards } from '@keeper/core/domain/water/plan';
import { PieceShape } from './PieceShape.js';

/** The part of the bank that is drawn, in metres: water above, land below. */
export interface PlanView {
  readonly leftM: number;
  readonly rightM: number;
  readonly topM: number;
  readonly bottomM: number;
}

/** The whole swim. */
export const WHOLE_SWIM: PlanView = { leftM: -5, rightM: 5, topM: 2, bottomM: -6 };

/** What is laid out, and some metres round it: the pieces must lie a finger apart on the screen. */
export function nearView(layout: Layout, marginM: number): PlanView {
  const places = Object.values(layout);
  if (places.length === 0) return WHOLE_SWIM;
  const xs = places.map(({ xM }) => xM);
  const ys = places.map(({ yM }) => yM);
  const centre = (Math.min(...xs) + Math.max(...xs)) / 2;
  const half = Math.max(1.9, (Math.max(...xs) - Math.min(...xs)) / 2 + marginM);
  return {
    leftM: centre - half,
    rightM: centre + half,
    topM: Math.max(1.3, ...ys.map((yM) => yM + 0.3)),
    bottomM: Math.min(...ys) - marginM,
  };
}

/** As far as ground and water are painted, whatever part of them is shown. */
const GROUND: PlanView = { leftM: -60, rightM: 60, topM: 60, bottomM: -60 };

export const widthM = ({ leftM, rightM }: PlanView) => rightM - leftM;
export const heightM = ({ topM, bottomM }: PlanView) => topM - bottomM;

interface PlanDrawingProps {
  readonly plan: Omit<BankPlan, 'layout'>;
  readonly layout: Layout;
  readonly atMs: number;
  readonly view?: PlanView;
  /** Small and still: no names. */
  readonly preview?: boolean;
  /** A piece, or the id of a fixture. */
  readonly chosen?: string | null;
  readonly outOfReach?: readonly KitPiece[];
  /** What lies over the drawing, such as the handles. */
  readonly children?: ReactNode;
}

/** The swim from above, to scale: water, ground, what stands there, what lies where, and the shadows of the hour. */
export function PlanDrawing({
  plan,
  layout,
  atMs,
  view = WHOLE_SWIM,
  preview = false,
  chosen,
  outOfReach = [],
  children,
}: PlanDrawingProps) {
  const sun = nearestSun(plan, atMs);
  const casters = shadeCasters(plan.fixtures, layout);
  const shadows = sun ? casters.flatMap((caster) => shadowOf(caster, sun, plan.facingDeg) ?? []) : [];
  const { angler, net, mat, camera } = layout;
  return (
    <div className="relative overflow-hidden rounded-lg border-[1.5px] border-edge">
      <svg
        viewBox={`${view.leftM} ${-view.topM} ${widthM(view)} ${heightM(view)}`}
        className="block w-full"
        role="img"
        aria-label={drawingWords(plan, layout)}
      >
        <defs>
          <pattern id="plan-water" width="0.5" height="0.22" patternUnits="userSpaceOnUse">
            <path
              d="M0 .11q.125 -.06 .25 0t.25 0"
              fill="none"
              stroke="var(--water)"
              strokeWidth="0.025"
              opacity="0.7"
            />
          </pattern>
          <pattern
            id="plan-shade"
            width="0.16"
            height="0.16"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(40)"
          >
            <path d="M0 0V.16" stroke="var(--ink)" strokeWidth="0.05" opacity="0.28" />
          </pattern>
          <pattern id="plan-gravel" width="0.3" height="0.3" patternUnits="userSpaceOnUse">
            <circle cx=".07" cy=".08" r=".03" fill="var(--edge)" opacity=".6" />
            <circle cx=".21" cy=".2" r=".04" fill="var(--edge)" opacity=".4" />
          </pattern>
        </defs>
        <rect x={GROUND.leftM} y={-GROUND.topM} width={widthM(GROUND)} height={heightM(GROUND)} fill="var(--leaf)" />
        {plan.bank === 'gravel' && (
          <rect x={GROUND.leftM} y={0} width={widthM(GROUND)} height={-GROUND.bottomM} fill="url(#plan-gravel)" />
        )}
        {plan.bank === 'platform' && <Boards />}
        <rect x={GROUND.leftM} y={-GROUND.topM} width={widthM(GROUND)} height={GROUND.topM} fill="var(--water-fill)" />
        <rect x={GROUND.leftM} y={-GROUND.topM} width={widthM(GROUND)} height={GROUND.topM} fill="url(#plan-water)" />
        {bandsFirst(plan.fixtures).map((fixture) => (
          <FixtureShape key={fixture.id} fixture={fixture} chosen={chosen === fixture.id} />
        ))}
        {shadows.map((shadow, i) => (
          <polygon
            key={i}
            points={shadowOutline(shadow)
              .map(({ xM, yM }) => `${xM.toFixed(2)},${(-yM).toFixed(2)}`)
              .join(' ')}
            fill="url(#plan-shade)"
          />
        ))}
        <path d={`M${GROUND.leftM} 0H${GROUND.rightM}`} stroke="var(--ink)" strokeWidth="0.06" />
        {angler && (
          <circle
            cx={angler.xM}
            cy={-angler.yM}
            r={REACH_M}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="0.025"
            strokeDasharray=".09 .09"
          />
        )}
        {net && mat && (
          <path
            d={`M${net.xM} ${-net.yM}L${mat.xM} ${-mat.yM}`}
            stroke="var(--ink)"
            strokeWidth="0.04"
            strokeDasharray=".02 .12"
            strokeLinecap="round"
          />
        )}
        {camera && mat && <Sight camera={camera} mat={mat} />}
        {brollyFirst(layout).map(([piece, at]) => (
          <PieceShape
            key={piece}
            piece={piece}
            at={at}
            toward={layout.mat}
            chosen={chosen === piece}
            wrong={outOfReach.includes(piece)}
          />
        ))}
        {sun && sun.altitudeDeg > 0 && !preview && <SunSign sun={sun} facingDeg={plan.facingDeg} view={view} />}
      </svg>
      {children}
    </div>
  );
}

export function nearestSun({ hours }: Pick<BankPlan, 'hours'>, atMs: number): SunPlace | undefined {
  return [...hours].sort((a, b) => Math.abs(a.atMs - atMs) - Math.abs(b.atMs - atMs))[0]?.sun;
}

/** What lies flat on the ground is drawn before what stands on it. */
function bandsFirst(fixtures: readonly Fixture[]): Fixture[] {
  return [...fixtures].sort((a, b) => Number(isBand(b.kind)) - Number(isBand(a.kind)));
}

function brollyFirst(layout: Layout): [KitPiece, Point][] {
  const pieces = Object.entries(layout) as [KitPiece, Point][];
  return pieces.sort(([a], [b]) => Number(b === 'brolly') - Number(a === 'brolly'));
}

function Boards() {
  return (
    <g stroke="var(--rule)" strokeWidth="0.03">
      {Array.from({ length: 40 }, (_, i) => (
        <path key={i} d={`M${GROUND.leftM} ${i * 0.25}H${GROUND.rightM}`} />
      ))}
    </g>
  );
}

/** From where the camera looks, and at what. */
function Sight({ camera, mat }: { camera: Point; mat: Point }) {
  const angle = Math.atan2(mat.yM - camera.yM, mat.xM - camera.xM);
  const end = (by: number) => `${camera.xM + 3 * Math.cos(angle + by)} ${-(camera.yM + 3 * Math.sin(angle + by))}`;
  return <path d={`M${camera.xM} ${-camera.yM}L${end(0.22)}L${end(-0.22)}Z`} fill="var(--air)" opacity="0.16" />;
}

/** The sun at the rim of the drawing, in its direction; the higher it stands, the nearer it comes. */
function SunSign({ sun, facingDeg, view }: { sun: SunPlace; facingDeg: number; view: PlanView }) {
  const to = towards(sun.azimuthDeg, facingDeg);
  const [cx, cy] = [(view.leftM + view.rightM) / 2, -(view.topM + view.bottomM) / 2];
  const reach = Math.min(
    (widthM(view) / 2 - 0.5) / Math.max(Math.abs(to.xM), 1e-6),
    (heightM(view) / 2 - 0.5) / Math.max(Math.abs(to.yM), 1e-6),
  );
  const [x, y] = [cx + to.xM * reach, cy - to.yM * reach];
  return (
    <g stroke="var(--air-ink)" strokeWidth="0.06" strokeLinecap="round">
      <circle cx={x} cy={y} r="0.2" fill="var(--air)" />
      {Array.from({ length: 8 }, (_, i) => {
        const a = (i * Math.PI) / 4;
        return (
          <path
            key={i}
            d={`M${x + 0.28 * Math.cos(a)} ${y + 0.28 * Math.sin(a)}L${x + 0.38 * Math.cos(a)} ${y + 0.38 * Math.sin(a)}`}
          />
        );
      })}
    </g>
  );
}

function FixtureShape({ fixture, chosen }: { fixture: Fixture; chosen: boolean }) {
  const { kind, xM, yM, radiusM: r } = fixture;
  const ring = chosen ? { stroke: 'var(--ink)', strokeWidth: 0.07 } : {};
  if (isBand(kind)) {
    const line = kind === 'power-line';
    return (
      <g>
        <rect
          x={GROUND.leftM}
          y={-yM - r}
          width={widthM(GROUND)}
          height={2 * r}
          fill={line ? 'none' : 'var(--rule)'}
          opacity="0.7"
          {...ring}
        />
        {line && (
          <path
            d={`M${GROUND.leftM} ${-yM}H${GROUND.rightM}`}
            stroke="var(--rust)"
            strokeWidth="0.07"
            strokeDasharray=".5 .15 .1 .15"
          />
        )}
      </g>
    );
  }
  if (kind === 'soft-ground') return <circle cx={xM} cy={-yM} r={r} fill="var(--reed)" opacity="0.2" {...ring} />;
  if (kind === 'stones') {
    return (
      <g fill="var(--edge)" stroke="var(--leaf)" strokeWidth="0.04">
        {[0, 1, 2, 3, 4].map((i) => {
          const a = i * 1.26 + 0.4;
          return (
            <ellipse
              key={i}
              cx={xM + r * 0.6 * Math.cos(a)}
              cy={-yM + r * 0.6 * Math.sin(a)}
              rx={r * 0.42}
              ry={r * 0.3}
            />
          );
        })}
        {chosen && <circle cx={xM} cy={-yM} r={r} fill="none" {...ring} />}
      </g>
    );
  }
  if (kind === 'steep-edge') {
    return (
      <g stroke="var(--rust)" strokeWidth="0.05" fill="none">
        <circle cx={xM} cy={-yM} r={r} {...ring} />
        {Array.from({ length: 16 }, (_, i) => {
          const a = (i * Math.PI) / 8;
          return (
            <path
              key={i}
              d={`M${xM + r * Math.cos(a)} ${-yM + r * Math.sin(a)}L${xM + 0.75 * r * Math.cos(a)} ${-yM + 0.75 * r * Math.sin(a)}`}
            />
          );
        })}
      </g>
    );
  }
  return <path d={crown(xM, -yM, r)} fill="var(--reed)" opacity={kind === 'tree' ? 0.5 : 0.38} {...ring} />;
}

/** A leafy outline. */
function crown(x: number, y: number, r: number): string {
  const lobes = Math.max(7, Math.round(r * 5));
  const at = (i: number, by: number) => {
    const a = (2 * Math.PI * i) / lobes;
    return `${(x + by * r * Math.cos(a)).toFixed(3)} ${(y + by * r * Math.sin(a)).toFixed(3)}`;
  };
  const arcs = Array.from({ length: lobes }, (_, i) => `Q${at(i + 0.5, 1.14)} ${at(i + 1, 0.92)}`);
  return `M${at(0, 0.92)}${arcs.join('')}Z`;
}

function drawingWords({ bank, fixtures }: Omit<BankPlan, 'layout'>, layout: Layout): string {
  const pieces = Object.keys(layout).length;
  return layoutText.theSwimFromAbove({ bank, fixturesCount: fixtures.length, pieces });
}
