import { partsText } from './text.en-GB.js';
import { useState, type ReactNode } from 'react';

/** Two pictures of one size, the second wiped across the first. */
export function Wipe({ under, over }: { under: ReactNode; over: ReactNode }) {
  const [share, setShare] = useState(50);
  return (
    <>
      <div className="relative">
        {under}
        <div className="absolute inset-0" style={{ clipPath: `inset(0 0 0 ${share}%)` }}>
          {over}
        </div>
        <span aria-hidden className="absolute inset-y-0 w-0.5 bg-leaf" style={{ left: `${share}%` }} />
      </div>
      <label className="grid gap-1">
        {partsText.wipe}
        <input
          type="range"
          min={0}
          max={100}
          value={share}
          className="h-12 w-full accent-(--water)"
          onChange={(event) => setShare(Number(event.target.value))}
        />
      </label>
    </>
  );
}
