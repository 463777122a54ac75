import { splitsOf, suggestionOf } from '@keeper/core/care/handling';
import type { CaptureStory } from '@keeper/core/domain/capture/captureState';
import { basisText } from '@keeper/core/care/counsel';
import { deathFacts } from '@keeper/core/care/deathReview';
import { momentOf, type Moment } from '@keeper/core/care/run/runState';
import { useHandlingPast } from '../../data/queries.js';
import { Part } from '../../parts/Part.js';
import { Splits } from '../../parts/Splits.js';
import { useSituation } from '../../data/useSituation.js';

/** How it went, step by step, against the keeper's own median; and one thing to do otherwise. */
export function HandlingReview({ story }: { story: CaptureStory }) {
  const past = useHandlingPast(story.facts.species ?? undefined);
  const situation = useSituation(story);
  const splits = splitsOf(story.marks);
  if (story.endMs === null || splits.length === 0 || story.fromPictures) return null;
  const end = momentOf(story, situation, story.endMs);
  if (story.outcome === 'died') return <DeathReview story={story} end={end} />;
  const { text, reason, basis } = suggestionOf(splits, end, past);
  return (
    <Part title="How it was handled">
      <p className="mb-4 max-w-prose border-l-4 border-water pl-4 text-lg">
        {text}{' '}
        <span className="text-soft">
          {reason} ({basisText(basis)})
        </span>
      </p>
      <Splits splits={splits} past={past} />
      <p className="mt-2 text-sm text-soft">
        {past.captures > 1
          ? `The tick is your own median over ${past.captures} fish${story.facts.species ? ' of this kind' : ''}.`
          : 'With more fish of this kind in the book, your own median stands beside each step.'}
      </p>
    </Part>
  );
}

/** A fish that died: what the book knows of why, and no word of praise. */
function DeathReview({ story, end }: { story: CaptureStory; end: Moment }) {
  const facts = deathFacts(story, end);
  return (
    <Part title="It died">
      {facts.length === 0 ? (
        <p className="max-w-prose text-lg">
          Nothing in the log explains it. A blow inside, an old wound or age cannot be seen from the bank.
        </p>
      ) : (
        <>
          <p className="mb-2 max-w-prose text-lg">What was against it:</p>
          <ul className="max-w-prose">
            {facts.map(({ id, text, basis }) => (
              <li key={id} className="border-t border-rule py-2">
                {text} <span className="text-soft">({basisText(basis)})</span>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-3 max-w-prose text-soft">
        {end.situation.waterName ? `Ask what ${end.situation.waterName} wants done` : 'Ask what this water wants done'}:
        some want it reported, some left in the water.
      </p>
    </Part>
  );
}
