import { useState } from 'react';
import type { OutingPayloads } from '@keeper/core/domain/outing/event';
import type { OutingStory } from '@keeper/core/domain/outing/outingState';
import { Sheet } from '../../parts/Sheet.js';
import { localInput } from '../../parts/when.js';
import { PlanFields, planOf, type PlanDraft } from './PlanFields.js';

interface ChangePlanProps {
  readonly story: OutingStory;
  readonly onChanged: (plan: Omit<OutingPayloads['outing-planned'], 'waterId'>) => void;
}

/** Plans change: somebody comes along, it gets later, another fish is after all the one. */
export function ChangePlan({ story, onChanged }: ChangePlanProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="button" onClick={() => setOpen(true)}>
        Change what is planned
      </button>
      <Sheet title="Change what is planned" open={open} onOpenChange={setOpen}>
        <Fields
          story={story}
          onChanged={(plan) => {
            setOpen(false);
            onChanged(plan);
          }}
        />
      </Sheet>
    </>
  );
}

function Fields({ story, onChanged }: ChangePlanProps) {
  const [draft, setDraft] = useState<PlanDraft>({
    from: localInput(story.fromMs),
    to: localInput(story.toMs),
    companions: story.companions === 0 ? '0' : story.companions === 1 ? '1' : '2',
    expected: story.expected,
  });
  const [tried, setTried] = useState(false);
  return (
    <form
      className="grid gap-6"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        const plan = planOf(draft);
        if (plan) onChanged(plan);
      }}
    >
      <PlanFields draft={draft} change={(change) => setDraft((now) => ({ ...now, ...change }))} tried={tried} />
      <button type="submit" className="button button-main">
        Change it
      </button>
    </form>
  );
}
