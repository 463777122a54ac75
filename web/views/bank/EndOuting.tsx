import { bankText } from './text.en-GB.js';
import { useState } from 'react';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { useBook } from '../../data/queries.js';
import { useHeldSummaries } from '../../data/useCapture.js';
import { NoteField } from '../../parts/NoteField.js';
import { Sheet } from '../../parts/Sheet.js';
import { useDraft } from '../../parts/useDraft.js';

/** The fish of an outing, landed and lost, from the server and from this device. */
export function useFishOf(outingId: string): { readonly landed: number; readonly lost: number; readonly open: number } {
  const listed = useBook({ outingId }).data?.pages.flatMap(({ rows }) => rows) ?? [];
  const held = useHeldSummaries().filter((row) => row.outingId === outingId);
  const rows = [...new Map([...listed, ...held].map((row) => [row.captureId, row])).values()];
  const count = (outcome: string) => rows.filter((row) => row.outcome === outcome).length;
  return { landed: count('released'), lost: count('lost'), open: count('open') };
}

/** What came of an outing, a blank as honestly as a catch. */
export function outcomeText(fish: { landed: number; lost: number }, runsDropped: number): string {
  const things = [
    fish.landed === 0 ? bankText.aBlank : fish.landed === 1 ? bankText.oneFish : bankText.fish({ landed: fish.landed }),
    ...(fish.lost > 0 ? [bankText.lost({ lost: fish.lost })] : []),
    ...(runsDropped > 0 ? [bankText.dropped2({ runsDropped })] : []),
  ];
  return `${things.join(', ')}.`;
}

/** Ends the outing: says what came of it, and takes a last note. */
export function EndOuting({ state, onEnd }: { state: OutingState; onEnd: (note: string) => void }) {
  const [open, setOpen] = useState(false);
  const fish = useFishOf(state.outingId);
  const [draft, change, clear] = useDraft(`end.${state.outingId}`, { note: '' });
  return (
    <>
      <button type="button" className="button" onClick={() => setOpen(true)}>
        {bankText.endTheOuting}
      </button>
      <Sheet title={bankText.endTheOuting} open={open} onOpenChange={setOpen} keepsDraft>
        <form
          className="grid gap-5"
          onSubmit={(event) => {
            event.preventDefault();
            clear();
            onEnd(draft.note.trim());
          }}
        >
          <p className="font-book text-2xl">{outcomeText(fish, state.runsDropped)}</p>
          {fish.landed === 0 && <p>{bankText.aBlankBelongsIn}</p>}
          <NoteField label={bankText.anythingToRemember} value={draft.note} onChange={(note) => change({ note })} />
          <p className="text-soft">{bankText.kitReplaceHooksRinse}</p>
          <button type="submit" className="button button-main">
            {bankText.putItInThe}
          </button>
        </form>
      </Sheet>
    </>
  );
}
