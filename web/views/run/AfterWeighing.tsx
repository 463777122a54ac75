import { runText } from './text.en-GB.js';
import { EntryQuestion } from '../../parts/weight/EntryQuestion.js';
import { SlingAfter } from '../../parts/weight/SlingAfter.js';
import { WeightStands } from '../../parts/weight/WeightStands.js';
import type { RunDesk } from './runDesk.js';

/** The weight once the fish is away: what it can be stood behind with, while sling and scale still hang there. */
export function AfterWeighing({ desk: { state, tap } }: { desk: RunDesk }) {
  if (!state.facts.weight) return null;
  return (
    <section aria-label={runText.theWeight} className="mb-5 grid gap-4">
      <WeightStands state={state} />
      {!state.slingAfter && (
        <SlingAfter state={state} onShown={(shown, way) => void tap('sling-hung', { shown, way })} />
      )}
      <EntryQuestion state={state} />
    </section>
  );
}
