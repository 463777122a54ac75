import { useState } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { HOOK_HOLD_WORDS, LOSS_WORDS, TACKLE_LEFT_WORDS } from '@keeper/core/domain/capture/rodFacts';
import { makeEvent, record } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { useSettings } from '../../data/queries.js';
import { NotKept } from '../../parts/NotKept.js';
import { Notice } from '../../parts/Notice.js';
import { RodFields } from '../../parts/rod/RodFields.js';
import { rodDraftOf, rodSetupOf } from '../../parts/rod/rodDraft.js';
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
  const told = rod && rodText(rod, lengthHabit);
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
        <RodForm state={state} onDone={() => setOpen(false)} />
      </Sheet>
    </Section>
  );
}

function RodForm({ state, onDone }: { state: CaptureState; onDone: () => void }) {
  const { captureId, startedAt, facts } = state;
  const { lengthHabit } = useSettings();
  const { keep, notKept } = useRecord();
  const [draft, setDraft] = useState(() => rodDraftOf(state.rod ?? {}, lengthHabit));
  const [tried, setTried] = useState(false);
  const setup = rodSetupOf(draft, lengthHabit);
  const put = async () => {
    setTried(true);
    if (!setup) return;
    const { rod, givenS } = state.rod ?? {};
    const told = { ...setup, ...(rod !== undefined && { rod }), ...(givenS !== undefined && { givenS }) };
    if (await keep(() => record([makeEvent(captureId, startedAt, 'rod-told', told)]))) onDone();
  };
  return (
    <form
      className="grid gap-5"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void put();
      }}
    >
      <RodFields
        draft={draft}
        waterId={facts.waterId ?? null}
        units={lengthHabit}
        onChange={(change) => setDraft((standing) => ({ ...standing, ...change }))}
      />
      {tried && !setup && <Notice role="alert">{partsText.distanceOrDepthIs}</Notice>}
      <NotKept when={notKept} />
      <button type="submit" className="button button-main min-h-14">
        {captureText.keepOnWhat}
      </button>
    </form>
  );
}
