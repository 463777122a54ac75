import { paths } from '../../app/paths.js';
import { runText } from './text.en-GB.js';
import { Suspense } from 'react';
import { Link } from 'react-router';
import { LEAVINGS, type Leaving } from '@keeper/core/domain/capture/event';
import type { RunState } from '@keeper/core/care/run/runState';
import { spanText } from '@keeper/core/measure/duration';
import { LEAVING_WORDS } from '../../parts/leavingWords.js';
import { lazyPart } from '../../parts/lazyPart.js';
import { LossQuestions } from '../../parts/rod/LossQuestions.js';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { KindTaps } from './KindTaps.js';
import { WhoseFish } from './WhoseFish.js';
import type { RunDesk } from './runDesk.js';

/** That it was found dead is noted later, on its page. */
const LEFT_NOW = LEAVINGS.filter((each) => each !== 'found-dead');

// Nothing of this is needed while the fish is there.
const AfterWeighing = lazyPart(async () => (await import('./AfterWeighing.js')).AfterWeighing);

const WhoLink = lazyPart(async () => (await import('../../parts/WhoLink.js')).WhoLink);

/** After the release: how it left, and where the writing waits. */
export function Over({ desk, run, expected }: { desk: RunDesk; run: RunState; expected: readonly SpeciesId[] }) {
  const { state, tap } = desk;
  const { captureId, outcome, leaving } = state;
  const { clocks } = run;
  return (
    <div className="rounded-xl bg-leaf p-6">
      {outcome === 'released' && leaving === null ? (
        <div role="group" aria-label={runText.howDidItLeave} className="mb-5 grid gap-2.5">
          <p className="text-xl font-semibold">{runText.howDidItLeave}</p>
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
      {(outcome === 'released' || outcome === 'died') && leaving !== null && !state.facts.species && (
        <div className="mb-4 grid gap-2">
          <p className="text-soft">{runText.whatIsIt}</p>
          <KindTaps
            species={null}
            said={undefined}
            expected={expected}
            onSay={(species) => void tap('described', { facts: { species } })}
          />
        </div>
      )}
      {(outcome === 'released' || outcome === 'died') && (
        <WhoseFish
          angler={state.facts.angler ?? null}
          begunBy={state.begunBy}
          onSaid={(angler) => void tap('described', { facts: { angler } })}
        />
      )}
      {outcome === 'lost' && <LossQuestions loss={state.loss ?? {}} onTold={(loss) => void tap('loss-told', loss)} />}
      <div className="grid gap-3">
        {outcome === 'merged' && state.mergedInto ? (
          <Link to={paths.run(state.mergedInto)} className="button button-main min-h-16 text-lg">
            {runText.toThatRun}
          </Link>
        ) : (
          <Link to={paths.writeUp(captureId)} className="button button-main min-h-16 text-lg">
            {runText.writeItUp}
          </Link>
        )}
        <Suspense>
          <WhoLink state={state} className="button min-h-16" />
        </Suspense>
        <Link to={paths.today} className="button min-h-16">
          {runText.later}
        </Link>
      </div>
    </div>
  );
}

function overText(outcome: string, leaving: Leaving | null, elapsedMs: number, water: string | null): string {
  if (outcome === 'lost') return runText.onTheLineA({ elapsedMs: spanText(elapsedMs) });
  if (outcome === 'merged') return runText.thisFishWasBegun;
  if (outcome === 'died') return runText.itDidNotRecover({ water });
  const left = leaving ? runText.itLeft({ leaving: LEAVING_WORDS[leaving].toLowerCase() }) : '';
  return runText.fromTheTakeTo({ left, elapsedMs: spanText(elapsedMs) });
}
