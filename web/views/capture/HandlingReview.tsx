import { captureText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { boardTime } from '@keeper/core/care/boardTime';
import { spanText } from '@keeper/core/measure/duration';
import { splitsOf, suggestionOf } from '@keeper/core/care/handling';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { basisMessage } from '@keeper/core/care/counsel';
import { deathFacts } from '@keeper/core/care/deathReview';
import { runStateOf, type RunState } from '@keeper/core/care/run/runState';
import { useHandlingPast } from '../../data/queries.js';
import { Section } from '../../parts/Section.js';
import { Splits } from '../../parts/Splits.js';
import { useRunContext } from '../../data/useRunContext.js';

/** How it went, step by step, against the keeper's own median; and one thing to do otherwise. */
export function HandlingReview({ state }: { state: CaptureState }) {
  const past = useHandlingPast(state.facts.species ?? undefined);
  const context = useRunContext(state);
  const splits = splitsOf(state.marks);
  if (state.endMs === null || splits.length === 0 || state.origin !== 'bank') return null;
  const end = runStateOf(state, context, state.endMs);
  if (state.outcome === 'died') return <DeathReview state={state} end={end} />;
  const { text, reason, basis } = suggestionOf(splits, end, past);
  const board = boardTime(state);
  return (
    <Section title={captureText.handling}>
      <p className="mb-4 max-w-prose border-l-4 border-water pl-4 text-lg">
        {say(text)}{' '}
        <span className="text-soft">
          {say(reason)} ({say(basisMessage(basis))})
        </span>
      </p>
      {board && (
        <p className="mb-3 max-w-prose">{captureText.netToBoard({ span: spanText(board.ms), stands: board.stands })}</p>
      )}
      <Splits splits={splits} past={past} />
      <p className="mt-2 text-sm text-soft">
        {past.captures > 1
          ? captureText.theTickIsYour({ captures: past.captures, species: state.facts.species })
          : captureText.withMoreFishOf}
      </p>
    </Section>
  );
}

/** A fish that died: what the book knows of why, and no word of praise. */
function DeathReview({ state, end }: { state: CaptureState; end: RunState }) {
  const facts = deathFacts(state, end);
  return (
    <Section title={captureText.itDied}>
      {facts.length === 0 ? (
        <p className="max-w-prose text-lg">{captureText.nothingInTheLog}</p>
      ) : (
        <>
          <p className="mb-2 max-w-prose text-lg">{captureText.whatWasAgainstIt}</p>
          <ul className="max-w-prose">
            {facts.map(({ id, text, basis }) => (
              <li key={id} className="border-t border-rule py-2">
                {say(text)} <span className="text-soft">({say(basisMessage(basis))})</span>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-3 max-w-prose text-soft">
        {captureText.someWantItReported({ waterName: end.context.waterName })}
      </p>
    </Section>
  );
}
