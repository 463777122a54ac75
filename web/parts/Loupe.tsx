import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { partsText } from './text.en-GB.js';

interface LoupeProps {
  readonly src: string;
  readonly alt: string;
}

/** So many times larger than the picture is shown. */
const TIMES = 4;
/** How far one tap of an arrow key goes, as a share of the picture. */
const STEP = 0.02;

/**
 * A picture with a glass over it: what lies under the pointer, or where the arrow keys have led, stands magnified
 * beside it from the original. For looking; nothing is set by it.
 */
export function Loupe({ src, alt }: LoupeProps) {
  const [at, setAt] = useState({ u: 0.5, v: 0.5 });
  const follow = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    setAt(kept({ u: (event.clientX - box.left) / box.width, v: (event.clientY - box.top) / box.height }));
  };
  const move = (event: KeyboardEvent) => {
    const [du, dv] = ARROWS[event.key] ?? [];
    if (du === undefined || dv === undefined) return;
    event.preventDefault();
    setAt(({ u, v }) => kept({ u: u + du * STEP, v: v + dv * STEP }));
  };
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[1fr_20rem]">
      <div
        role="img"
        aria-label={alt}
        tabIndex={0}
        className="relative cursor-crosshair touch-none overflow-hidden rounded-lg"
        onPointerMove={follow}
        onPointerDown={follow}
        onKeyDown={move}
      >
        <img src={src} alt="" className="block w-full" />
        <span
          aria-hidden
          className="pointer-events-none absolute size-16 -translate-x-1/2 -translate-y-1/2 rounded-full border-3 border-paper shadow-[0_0_0_2px_var(--ink)]"
          style={{ left: `${at.u * 100}%`, top: `${at.v * 100}%` }}
        />
      </div>
      <div
        role="img"
        aria-label={partsText.magnified}
        className="aspect-square w-full max-w-80 rounded-full border-2 border-edge bg-leaf bg-no-repeat"
        style={{
          backgroundImage: `url(${src})`,
          backgroundSize: `${TIMES * 100}%`,
          backgroundPosition: `${at.u * 100}% ${at.v * 100}%`,
        }}
      />
    </div>
  );
}

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

function kept({ u, v }: { u: number; v: number }) {
  const within = (share: number) => Math.min(1, Math.max(0, share));
  return { u: within(u), v: within(v) };
}
