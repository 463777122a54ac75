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
    fish.landed === 0 ? 'A blank' : fish.landed === 1 ? 'One fish' : `${fish.landed} fish`,
    ...(fish.lost > 0 ? [`${fish.lost} lost`] : []),
    ...(runsDropped > 0 ? [`${runsDropped} ${runsDropped === 1 ? 'run' : 'runs'} dropped`] : []),
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
        End the outing
      </button>
      <Sheet title="End the outing" open={open} onOpenChange={setOpen} keepsDraft>
        <form
          className="grid gap-5"
          onSubmit={(event) => {
            event.preventDefault();
            clear();
            onEnd(draft.note.trim());
          }}
        >
          <p className="font-book text-2xl">{outcomeText(fish, state.runsDropped)}</p>
          {fish.landed === 0 && (
            <p>
              A blank belongs in the book as much as a catch does: it says something about the day, the swim and the
              rigs.
            </p>
          )}
          <NoteField label="Anything to remember" value={draft.note} onChange={(note) => change({ note })} />
          <p className="text-soft">Kit: replace hooks, rinse and dry, dip what goes to another water.</p>
          <button type="submit" className="button button-main">
            Put it in the book
          </button>
        </form>
      </Sheet>
    </>
  );
}
