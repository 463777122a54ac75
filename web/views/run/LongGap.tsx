import { runText } from './text.en-GB.js';
import { useState } from 'react';
import type { GapTold } from '@keeper/core/domain/capture/gapTold';
import { spanText } from '@keeper/core/measure/duration';
import { localInput, timeText } from '../../parts/when.js';

interface LongGapProps {
  /** The last tap and now, in ms since the take. */
  readonly sinceMs: number;
  readonly nowMs: number;
  readonly startedAt: string;
  readonly inAir: boolean;
  readonly onTold: (told: GapTold) => void;
}

/**
 * A run that nobody has tapped for long: what became of the fish is asked, and nothing is written that nobody knows.
 */
export function LongGap({ sinceMs, nowMs, startedAt, inAir, onTold }: LongGapProps) {
  const startMs = Date.parse(startedAt);
  const [at, setAt] = useState<string>();
  const backMs = at === undefined ? NaN : new Date(at).getTime() - startMs;
  const isWithin = backMs >= sinceMs && backMs <= nowMs;
  return (
    <section aria-label={runText.whatBecameOfIt} className="grid gap-2.5 rounded-xl border-2 border-air bg-leaf p-4">
      <h2 className="text-xl font-semibold">{runText.nothingWasTappedFor({ sinceMs: spanText(nowMs - sinceMs) })}</h2>
      <p className="text-soft">{runText.theLastTapWas({ sinceMs: timeText(new Date(startMs + sinceMs)), inAir })}</p>
      <button type="button" className="button min-h-16" onClick={() => onTold({ says: 'back-soon', fromMs: sinceMs })}>
        {runText.itWentBackSoon}
      </button>
      {at === undefined ? (
        <button
          type="button"
          className="button min-h-16"
          onClick={() => setAt(localInput(startMs + Math.min(nowMs, sinceMs + 60_000)))}
        >
          {runText.itWentBackAt}
        </button>
      ) : (
        <div className="grid grid-cols-[1fr_auto] items-end gap-2.5">
          <label className="text-sm">
            {runText.itWentBackAt2}
            <input
              type="datetime-local"
              className="field mt-1"
              value={at}
              min={localInput(startMs + sinceMs)}
              max={localInput(startMs + nowMs)}
              aria-invalid={!isWithin}
              onChange={(event) => setAt(event.target.value)}
            />
          </label>
          <button
            type="button"
            className="button button-main min-h-14"
            disabled={!isWithin}
            onClick={() => onTold({ says: 'back-at', fromMs: sinceMs, backMs: Math.round(backMs) })}
          >
            {runText.noteIt}
          </button>
          {!isWithin && <p className="col-span-2 text-rust">{runText.aTimeBetweenThe}</p>}
        </div>
      )}
      <button type="button" className="button min-h-16" onClick={() => onTold({ says: 'still-here', fromMs: sinceMs })}>
        {runText.itIsStillHere}
      </button>
      <button type="button" className="button min-h-16" onClick={() => onTold({ says: 'not-known', fromMs: sinceMs })}>
        {runText.iDoNotKnow}
      </button>
    </section>
  );
}
