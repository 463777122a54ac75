import { bankText } from './text.en-GB.js';
import { useState } from 'react';
import type { OutingPayloads } from '@keeper/core/domain/outing/event';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { Sheet } from '../../parts/Sheet.js';
import { localInput } from '../../parts/when.js';
import { PlanFields, planOf, type PlanDraft } from './PlanFields.js';

interface ChangePlanProps {
  readonly state: OutingState;
  readonly onChanged: (plan: Omit<OutingPayloads['outing-planned'], 'waterId'>) => void;
}

/** Plans change: somebody comes along, it gets later, another fish is after all the one. */
export function ChangePlan({ state, onChanged }: ChangePlanProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="button" onClick={() => setOpen(true)}>
        {bankText.changeWhatIsPlanned}
      </button>
      <Sheet title={bankText.changeWhatIsPlanned} open={open} onOpenChange={setOpen}>
        <Fields
          state={state}
          onChanged={(plan) => {
            setOpen(false);
            onChanged(plan);
          }}
        />
      </Sheet>
    </>
  );
}

function Fields({ state, onChanged }: ChangePlanProps) {
  const [draft, setDraft] = useState<PlanDraft>({
    from: localInput(state.fromMs),
    to: localInput(state.toMs),
    companions: state.companions === 0 ? '0' : state.companions === 1 ? '1' : '2',
    expected: state.expected,
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
        {bankText.changeIt}
      </button>
    </form>
  );
}
