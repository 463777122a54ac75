import { useState } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import {
  HOOK_HOLD_WORDS,
  LOSS_WORDS,
  TACKLE_LEFT_WORDS,
  withSetup,
  type RodSetup,
} from '@keeper/core/domain/capture/rodFacts';
import { makeEvent, record } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { useSettings } from '../../data/queries.js';
import { NotKept } from '../../parts/NotKept.js';
import { RodForm } from '../../parts/rod/RodForm.js';
import { rodText } from '../../parts/rod/rodText.js';
import { Section } from '../../parts/Section.js';
import { Sheet } from '../../parts/Sheet.js';
import { partsText } from '../../parts/text.en-GB.js';
import { say } from '../../text/say.js';
import { captureText } from './text.en-GB.js';

/** What a fish took on, where the hook sat, and how it was lost; told now where it was not told then. */
export function RodTold({ state }: { state: CaptureState }) {
  const { rod, hookHold, loss } = state;
  const { lengthHabit } = useSettings();
  const [open, setOpen] = useState(false);
  const { keep, notKept } = useRecord();
  const told = rod && rodText(rod, lengthHabit);
  const put = async (setup: RodSetup) => {
    const event = makeEvent(state.captureId, state.begunAt, 'rod-told', withSetup(rod, setup));
    if (await keep(() => record([event]))) setOpen(false);
  };
  return (
    <Section title={captureText.onWhat}>
      {rod?.rod !== undefined && <p className="text-soft">{partsText.rodNumber({ rod: rod.rod })}</p>}
      {told && <p className="text-lg">{told}.</p>}
      {hookHold && <p>{captureText.hookHeld({ hold: say(HOOK_HOLD_WORDS[hookHold]).toLowerCase() })}</p>}
      {loss?.reason && <p>{captureText.lostBy({ reason: say(LOSS_WORDS[loss.reason]).toLowerCase() })}</p>}
      {loss?.left && loss.left !== 'nothing' && (
        <p>{captureText.leftInIt({ left: say(TACKLE_LEFT_WORDS[loss.left]).toLowerCase() })}</p>
      )}
      <button type="button" className="quiet-link min-h-11" onClick={() => setOpen(true)}>
        {told ? captureText.changeOnWhat : captureText.tellOnWhat}
      </button>
      <Sheet title={captureText.onWhat} open={open} onOpenChange={setOpen}>
        <RodForm
          waterId={state.facts.waterId ?? null}
          setup={rod ?? {}}
          submit={captureText.keepOnWhat}
          onTold={(setup) => void put(setup)}
        />
        <NotKept when={notKept} />
      </Sheet>
    </Section>
  );
}
