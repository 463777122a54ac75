import { Suspense } from 'react';
import { Link } from 'react-router';
import { LEAVINGS, type Leaving } from '@keeper/core/domain/capture/event';
import type { RunState } from '@keeper/core/care/run/runState';
import { spanText } from '@keeper/core/measure/duration';
import { LEAVING_WORDS } from '../../parts/leavingWords.js';
import { lazyPart } from '../../parts/lazyPart.js';
import type { RunDesk } from './runDesk.js';

/** That it was found dead is noted later, on its page. */
const LEFT_NOW = LEAVINGS.filter((each) => each !== 'found-dead');

// Nothing of this is needed while the fish is there.
const AfterWeighing = lazyPart(async () => (await import('./AfterWeighing.js')).AfterWeighing);

const WhoLink = lazyPart(async () => (await import('../../parts/WhoLink.js')).WhoLink);

/** After the release: how it left, and where the writing waits. */
export function Over({ desk, run }: { desk: RunDesk; run: RunState }) {
  const { state, tap } = desk;
  const { captureId, outcome, leaving } = state;
  const { clocks } = run;
  return (
    <div className="rounded-xl bg-leaf p-6">
      {outcome === 'released' && leaving === null ? (
        <div role="group" aria-label="How did it leave?" className="mb-5 grid gap-2.5">
          <p className="text-xl font-semibold">How did it leave?</p>
          {LEFT_NOW.map((each) => (
            <button
              key={each}
              type="button"
              className="button min-h-14"
              onClick={() => void tap('left-as', { leaving: each })}
            >
              {LEAVING_WORDS[each]}
            </button>
          ))}
        </div>
      ) : (
        <p className="mb-5 text-lg">{overText(outcome, leaving, clocks.elapsedMs, run.context.waterName)}</p>
      )}
      {leaving !== null && state.facts.weight && (
        <Suspense>
          <AfterWeighing desk={desk} />
        </Suspense>
      )}
      <div className="grid gap-3">
        {outcome === 'merged' && state.mergedInto ? (
          <Link to={`/run/${state.mergedInto}`} className="button button-main min-h-16 text-lg">
            To that run
          </Link>
        ) : (
          <Link to={`/write-up/${captureId}`} className="button button-main min-h-16 text-lg">
            Write it up
          </Link>
        )}
        <Suspense>
          <WhoLink state={state} className="button min-h-16" />
        </Suspense>
        <Link to="/" className="button min-h-16">
          Later
        </Link>
      </div>
    </div>
  );
}

function overText(outcome: string, leaving: Leaving | null, elapsedMs: number, water: string | null): string {
  if (outcome === 'lost')
    return `${spanText(elapsedMs)} on the line. A lost fish belongs in the book too: it says something about rigs.`;
  if (outcome === 'merged')
    return 'This fish was begun twice; what was tapped here has been taken over by the other run.';
  if (outcome === 'died')
    return `It did not recover. The book keeps it as it was, with what was against it. ${water ? `Ask what ${water} wants done` : 'Ask what this water wants done'}: some want it reported, some left in the water.`;
  const left = leaving ? `It left: ${LEAVING_WORDS[leaving].toLowerCase()}. ` : '';
  return `${left}${spanText(elapsedMs)} from the take to the release. Rig out of the way, hands dried: the writing can wait.`;
}
