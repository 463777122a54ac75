import { useState } from 'react';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import type { RodSpell } from '@keeper/core/domain/outing/rods';
import { makeOutingEvent, record } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { localInput } from '../../parts/when.js';
import { NotKept } from '../../parts/NotKept.js';
import { FieldSentence } from '../../parts/Notice.js';
import { Sheet } from '../../parts/Sheet.js';
import { TextField } from '../../parts/TextField.js';
import { bankText } from './text.en-GB.js';

/** When a rod was cast and taken in, put right: what was tapped is taken back, and told with its new times. */
export function RodTimes({ state, spell }: { state: OutingState; spell: RodSpell }) {
  const [open, setOpen] = useState(false);
  const [from, setFrom] = useState(() => localInput(spell.fromMs));
  const [to, setTo] = useState(() => (spell.toMs === null ? '' : localInput(spell.toMs)));
  const { keep, notKept } = useRecord();
  const { castId, inId, endedBy } = spell;
  if (castId === undefined) return null;
  const [fromMs, toMs] = [Date.parse(from), Date.parse(to)];
  const isTurned = inId !== undefined && toMs < fromMs;
  const put = () => {
    const make = makeOutingEvent;
    const { rod, setup, swimId } = spell;
    const when = (ms: number) => new Date(ms).toISOString();
    const cast = [
      make(state.outingId, 'taken-back', { eventId: castId }),
      make(state.outingId, 'rod-out', { rod, setup, when: when(fromMs), ...(swimId && { swimId }) }),
    ];
    const taken =
      inId !== undefined && endedBy
        ? [
            make(state.outingId, 'taken-back', { eventId: inId }),
            make(state.outingId, 'rod-in', { rod, why: endedBy, when: when(toMs) }),
          ]
        : [];
    void keep(() => record([...cast, ...taken])).then((kept) => kept && setOpen(false));
  };
  return (
    <>
      <button type="button" className="quiet-link ml-3 text-sm" onClick={() => setOpen(true)}>
        {bankText.putTimesRight}
      </button>
      <Sheet title={bankText.rodTimes({ rod: spell.rod })} open={open} onOpenChange={setOpen}>
        <form
          className="grid gap-4"
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            if (!Number.isNaN(fromMs) && !isTurned) put();
          }}
        >
          <TextField type="datetime-local" label={bankText.castAt} value={from} onChange={setFrom} />
          {inId !== undefined && (
            <TextField type="datetime-local" label={bankText.takenInAt} value={to} onChange={setTo} />
          )}
          {isTurned && <FieldSentence id="rod-times">{bankText.inBeforeCast}</FieldSentence>}
          <NotKept when={notKept} />
          <button type="submit" className="button button-main min-h-14">
            {bankText.saveTheTimes}
          </button>
        </form>
      </Sheet>
    </>
  );
}
