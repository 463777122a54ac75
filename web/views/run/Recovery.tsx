import { runText } from './text.en-GB.js';
import { useRef, useState } from 'react';
import type { RecoverySign } from '@keeper/core/domain/capture/event';
import { gillBeatOf } from '@keeper/core/domain/capture/gillBeat';
import { clockText } from '@keeper/core/measure/duration';
import type { RunDesk } from './runDesk.js';

const SIGN_TEXT: Readonly<Record<RecoverySign, string>> = {
  gills: runText.gillsEven,
  fins: runText.finsMoving,
  upright: runText.uprightAlone,
  kick: runText.kicksAway,
};

/** Longer than this between two taps, and the counting begins anew. */
const ANEW_MS = 10_000;

/** While it is held: its gill beats tapped along, and what shows that it is ready. */
export function Recovery({ desk }: { desk: RunDesk }) {
  const { state, tap, elapsed } = desk;
  const { recovery } = state;
  // Two beats within one drawing of the screen must both count.
  const counted = useRef<readonly number[]>([]);
  const [taps, setTaps] = useState<readonly number[]>([]);
  const last = recovery.gillBeats.at(-1);
  const beat = () => {
    const nowMs = elapsed();
    const before = counted.current.at(-1);
    const next = before !== undefined && nowMs - before > ANEW_MS ? [nowMs] : [...counted.current, nowMs];
    counted.current = next;
    setTaps(next);
    const perMinute = gillBeatOf(next);
    // One figure for each handful of beats is enough for the book.
    if (perMinute !== null && next.length % 5 === 0) void tap('gill-beat', { perMinute });
  };
  const live = gillBeatOf(taps);
  return (
    <div role="group" aria-label={runText.recovery} className="grid gap-2.5">
      <button type="button" className="button min-h-20 flex-col gap-0 text-xl" onClick={beat}>
        {runText.tapWithTheGills}
        <span className="text-base font-normal">
          {live !== null
            ? runText.beatsAMinute({ live })
            : last
              ? runText.beatsAMinuteAt({
                  perMinute: last.perMinute,
                  heldMs: clockText(last.atMs - (recovery.heldMs ?? 0)),
                })
              : taps.length > 0
                ? runText.goOn
                : runText.eachTimeTheyOpen}
        </span>
      </button>
      <div className="grid grid-cols-2 gap-2.5">
        {(Object.keys(SIGN_TEXT) as RecoverySign[]).map((sign) => {
          const seen = recovery.signs.find((each) => each.sign === sign);
          return (
            <button
              key={sign}
              type="button"
              aria-pressed={seen !== undefined}
              className="button min-h-16 flex-col gap-0 px-2 aria-pressed:border-ink aria-pressed:shadow-[inset_0_-4px_0_var(--water)]"
              onClick={() => {
                if (!seen) void tap('recovering', { sign });
              }}
            >
              {SIGN_TEXT[sign]}
              {seen && (
                <span className="text-base font-normal tabular-nums">
                  {runText.after({ heldMs: clockText(seen.atMs - (recovery.heldMs ?? 0)) })}
                </span>
              )}
            </button>
          );
        })}
      </div>
    </div>
  );
}
