import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { clockText } from '@keeper/core/measure/duration';
import { paths } from '../../app/paths.js';
import { makeEvent, record, runClock } from '../../data/record.js';
import { useCapture } from '../../data/useCapture.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { hurtText } from './text.en-GB.js';

/** The fish's clock goes on: how long it has been where it is, and one tap to put it back. */
export function FishWaits({ captureId }: { captureId: string }) {
  const { state } = useCapture(captureId);
  const { keep, notKept } = useRecord();
  const { begunAt } = state;
  const [nowMs, setNowMs] = useState(() => runClock.elapsed(captureId, begunAt));
  useEffect(() => {
    const ticking = setInterval(() => setNowMs(runClock.elapsed(captureId, begunAt)), 1000);
    return () => clearInterval(ticking);
  }, [captureId, begunAt]);
  const spell = state.spells.at(-1);
  if (state.outcome !== 'open' || !spell) return null;
  const span = clockText(Math.max(0, nowMs - spell.fromMs));
  const inAir = spell.medium === 'air';
  return (
    <section aria-label={hurtText.theFishWaits} className="rounded-xl bg-leaf p-4">
      <p className={`text-xl font-semibold tabular-nums ${inAir ? 'text-airink' : ''}`}>
        {inAir ? hurtText.outOfTheWater({ span }) : hurtText.inTheWater({ span })}
      </p>
      <p className="mb-3">{hurtText.fishInTheNet}</p>
      <NotKept when={notKept} />
      <div className="grid grid-cols-2 gap-2.5">
        {inAir && (
          <button
            type="button"
            className="button min-h-14"
            onClick={() => void keep(() => record([makeEvent(captureId, begunAt, 'returned', {})]))}
          >
            {hurtText.backInTheWater}
          </button>
        )}
        <Link to={paths.run(captureId)} className="button min-h-14">
          {hurtText.toTheFish}
        </Link>
      </div>
    </section>
  );
}
