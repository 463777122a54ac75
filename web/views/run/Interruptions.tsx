import { useState } from 'react';
import { useNavigate } from 'react-router';
import { fishOn } from '../../data/record.js';
import type { RunDesk } from './runDesk.js';

/** What comes between: the other rod, somebody who takes over. The clocks of this fish go on whatever happens. */
export function Interruptions({ desk }: { desk: RunDesk }) {
  const navigate = useNavigate();
  const [handing, setHanding] = useState(false);
  const { state, tap, context } = desk;
  const secondRod = async () => {
    await tap('interrupted', { why: 'second-rod' });
    const { outingId, swimId, conditions: around } = state;
    const { waterId } = state.facts;
    const captureId = await fishOn({
      ...(waterId && { waterId }),
      ...(outingId && { outingId }),
      ...(swimId && { swimId }),
      around,
    });
    await navigate(`/run/${captureId}`);
  };
  return (
    <div role="group" aria-label="Interruptions" className="grid grid-cols-2 gap-2.5 border-t border-rule pt-2.5">
      <button type="button" className="button min-h-14 px-2 font-normal leading-tight" onClick={() => void secondRod()}>
        The other rod goes
      </button>
      <button
        type="button"
        aria-expanded={handing}
        className="button min-h-14 px-2 font-normal leading-tight"
        onClick={() => {
          if (!handing) void tap('interrupted', { why: 'handed-over' });
          setHanding(!handing);
        }}
      >
        Somebody takes over
      </button>
      {handing && (
        <p className="col-span-2">
          On the other device this run stands on Today as soon as both reach the book. Both can tap; nothing is counted
          twice.
          {context.helped ? '' : ' Say out loud who holds the fish.'}
        </p>
      )}
    </div>
  );
}
