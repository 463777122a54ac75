import { picturesText } from './text.en-GB.js';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Pixel } from '@keeper/core/geometry/pixel';

/** A point that can be dragged, or moved with the arrow keys. */
export interface StagePoint {
  readonly id: string;
  readonly name: string;
  readonly at: Pixel;
  /** A short sign beside it; the name is for those who cannot see. */
  readonly sign: string;
}

interface PictureStageProps {
  readonly href: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly points: readonly StagePoint[];
  readonly lines?: readonly (readonly [Pixel, Pixel])[];
  readonly label: string;
  readonly onMoved: (id: string, to: Pixel) => void;
  /** A tap beside all points; undefined where taps mean nothing. */
  readonly onTapped?: ((at: Pixel) => void) | undefined;
  /** A point is taken away by the delete key; undefined where all of them are needed. */
  readonly onRemoved?: ((id: string) => void) | undefined;
}

/** A picture with points on it. While one is moved, a glass shows the place enlarged. */
export function PictureStage(props: PictureStageProps) {
  const { href, widthPx, heightPx, points, lines = [], label, onMoved, onTapped, onRemoved } = props;
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ id: string; at: Pixel }>();
  const unit = Math.max(widthPx, heightPx) / 100;

  const place = ({ clientX, clientY }: PointerEvent): Pixel => {
    const matrix = svg.current?.getScreenCTM();
    if (!matrix) return { x: 0, y: 0 };
    const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse());
    return { x: Math.min(widthPx, Math.max(0, x)), y: Math.min(heightPx, Math.max(0, y)) };
  };
  const nudge = (event: KeyboardEvent, { id, at }: StagePoint) => {
    if (event.key === 'Delete' || event.key === 'Backspace') onRemoved?.(id);
    const by = ARROWS[event.key];
    if (!by) return;
    event.preventDefault();
    const step = (event.shiftKey ? 10 : 1) * Math.max(1, widthPx / 1600);
    onMoved(id, { x: at.x + by.x * step, y: at.y + by.y * step });
  };
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      aria-label={label}
      role="group"
      className="max-h-[74dvh] w-full touch-none rounded-lg bg-waterfill select-none"
      onPointerDown={(event) => {
        if (onTapped && event.button === 0) onTapped(place(event));
      }}
    >
      <image href={href} width={widthPx} height={heightPx} />
      {lines.map(([a, b], i) => (
        <g key={i} aria-hidden>
          <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke="#0b0605" strokeWidth={unit * 0.5} opacity={0.55} />
          <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke="#fbf9f2" strokeWidth={unit * 0.2} />
        </g>
      ))}
      {points.map((point) => {
        const at = held?.id === point.id ? held.at : point.at;
        return (
          <g
            key={point.id}
            role="button"
            tabIndex={0}
            aria-label={picturesText.dragItOrMove({ name: point.name })}
            className="cursor-grab outline-none [&:focus-visible>circle:nth-child(2)]:stroke-[#ffb000]"
            onKeyDown={(event) => nudge(event, point)}
            onPointerDown={(event) => {
              event.stopPropagation();
              event.currentTarget.setPointerCapture(event.pointerId);
              setHeld({ id: point.id, at: point.at });
            }}
            onPointerMove={(event) => {
              if (held?.id === point.id) setHeld({ id: point.id, at: place(event) });
            }}
            onPointerUp={() => {
              if (held?.id === point.id && (held.at.x !== point.at.x || held.at.y !== point.at.y))
                onMoved(point.id, held.at);
              setHeld(undefined);
            }}
            onPointerCancel={() => setHeld(undefined)}
          >
            <circle cx={at.x} cy={at.y} r={unit * 3} fill="transparent" />
            <circle cx={at.x} cy={at.y} r={unit * 1.1} fill="none" stroke="#0b0605" strokeWidth={unit * 0.7} />
            <circle cx={at.x} cy={at.y} r={unit * 1.1} fill="none" stroke="#fbf9f2" strokeWidth={unit * 0.3} />
            <circle cx={at.x} cy={at.y} r={unit * 0.2} fill="#fbf9f2" />
            <text
              x={at.x}
              y={at.y - unit * 1.8}
              textAnchor="middle"
              fontSize={unit * 2.1}
              fontWeight={600}
              fill="#fbf9f2"
              stroke="#0b0605"
              strokeWidth={unit * 0.55}
              paintOrder="stroke"
            >
              {point.sign}
            </text>
          </g>
        );
      })}
      {held && <Glass href={href} widthPx={widthPx} heightPx={heightPx} at={held.at} unit={unit} />}
    </svg>
  );
}

const ARROWS: Readonly<Record<string, Pixel>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/** The place under the finger, four times as large, where the finger does not cover it. */
function Glass({
  href,
  widthPx,
  heightPx,
  at,
  unit,
}: {
  href: string;
  widthPx: number;
  heightPx: number;
  at: Pixel;
  unit: number;
}) {
  const radius = unit * 11;
  const cx = at.x < widthPx / 2 ? widthPx - radius - unit : radius + unit;
  const cy = radius + unit;
  const zoom = 4;
  return (
    <g aria-hidden pointerEvents="none">
      <clipPath id="glass">
        <circle cx={cx} cy={cy} r={radius} />
      </clipPath>
      <circle cx={cx} cy={cy} r={radius + unit * 0.4} fill="#0b0605" />
      <g clipPath="url(#glass)">
        <image
          href={href}
          width={widthPx}
          height={heightPx}
          transform={`translate(${cx - zoom * at.x} ${cy - zoom * at.y}) scale(${zoom})`}
        />
      </g>
      <path
        d={`M${cx - radius} ${cy}H${cx - unit}M${cx + unit} ${cy}H${cx + radius}M${cx} ${cy - radius}V${cy - unit}M${cx} ${cy + unit}V${cy + radius}`}
        stroke="#fbf9f2"
        strokeWidth={unit * 0.15}
      />
    </g>
  );
}
