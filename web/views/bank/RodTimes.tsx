import { useState } from 'react';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import type { RodSpell } from '@keeper/core/domain/outing/rods';
import { makeOutingEvent, record } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { Sheet } from '../../parts/Sheet.js';
import { TextField } from '../../parts/TextField.js';
import { isPast, localInput, readLocalInput } from '../../parts/when.js';
import { bankText } from './text.en-GB.js';

/** When a rod was cast and taken in, put right: what was tapped is taken back, and told with its new times. */
export function RodTimes({ state, spell }: { state: OutingState; spell: RodSpell }) {
  const [open, setOpen] = useState(false);
  const [from, setFrom] = useState(() => localInput(spell.fromMs));
  const [to, setTo] = useState(() => (spell.toMs === null ? '' : localInput(spell.toMs)));
  const { keep, notKept } = useRecord();
  const { castId, inId, endedBy } = spell;
  if (castId === undefined) return null;
  const fromMs = readLocalInput(from, spell.fromMs);
  const toMs = spell.toMs === null ? null : readLocalInput(to, spell.toMs);
  const wrongCast = wrongTime(fromMs);
  const wrongIn =
    inId === undefined || toMs === null
      ? undefined
      : (wrongTime(toMs) ?? (toMs < fromMs ? bankText.inBeforeCast : undefined));
  const put = () => {
    const make = makeOutingEvent;
    const { rod, setup, swimId } = spell;
    const when = (ms: number) => new Date(ms).toISOString();
    const cast = [
      make(state.outingId, 'taken-back', { eventId: castId }),
      make(state.outingId, 'rod-out', { rod, setup, when: when(fromMs), ...(swimId && { swimId }) }),
    ];
    const taken =
      inId !== undefined && endedBy && toMs !== null
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
            if (!wrongCast && !wrongIn) put();
          }}
        >
          <TextField
            type="datetime-local"
            label={bankText.castAt}
            value={from}
            problem={wrongCast}
            onChange={setFrom}
          />
          {inId !== undefined && (
            <TextField type="datetime-local" label={bankText.takenInAt} value={to} problem={wrongIn} onChange={setTo} />
          )}
          <NotKept when={notKept} />
          <button type="submit" className="button button-main min-h-14">
            {bankText.saveTheTimes}
          </button>
        </form>
      </Sheet>
    </>
  );
}

/** Why a rod cannot have been cast or taken in then; undefined where it can. */
function wrongTime(atMs: number): string | undefined {
  if (Number.isNaN(atMs)) return bankText.noTimeOfRod;
  return isPast(atMs) ? undefined : bankText.rodTimeToCome;
}
