import { paths } from '../../app/paths.js';
import { runText } from './text.en-GB.js';
import { Suspense, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { fishOn } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { lazyPart } from '../../parts/lazyPart.js';
import type { RunDesk } from './runDesk.js';

const HandOver = lazyPart(async () => (await import('../devices/HandOver.js')).HandOver);

/** What comes between: the other rod, somebody who takes over. The clocks of this fish go on whatever happens. */
export function Interruptions({ desk }: { desk: RunDesk }) {
  const navigate = useNavigate();
  const [handing, setHanding] = useState(false);
  const { keep, notKept } = useRecord();
  const { state, tap, context } = desk;
  const secondRod = async () => {
    await tap('interrupted', { why: 'second-rod' });
    const { outingId, swimId, conditions: around } = state;
    const { waterId } = state.facts;
    const where = { ...(waterId && { waterId }), ...(outingId && { outingId }), ...(swimId && { swimId }), around };
    await keep(() => fishOn(where, (captureId) => void navigate(paths.run(captureId))));
  };
  return (
    <div
      role="group"
      aria-label={runText.interruptions}
      className="grid grid-cols-2 gap-2.5 border-t border-rule pt-2.5"
    >
      <button type="button" className="button min-h-14 px-2 font-normal leading-tight" onClick={() => void secondRod()}>
        {runText.theOtherRodGoes}
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
        {runText.somebodyTakesOver}
      </button>
      <Link
        to={paths.hurt(state.captureId)}
        className="button col-span-2 min-h-14 px-2 font-normal leading-tight text-rust"
      >
        {runText.somebodyIsHurt}
      </Link>
      <NotKept when={notKept} />
      {handing && (
        <div className="col-span-2 grid gap-3">
          <Suspense>
            <HandOver captureId={state.captureId} />
          </Suspense>
          <p>{runText.onTheOtherDevice({ helped: context.helped })}</p>
        </div>
      )}
    </div>
  );
}
