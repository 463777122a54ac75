import { bankText } from './text.en-GB.js';
import { useState } from 'react';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import type { RodSign } from '@keeper/core/domain/outing/rods';
import { useCloseOfDay } from './useCloseOfDay.js';
import { useRecord } from '../../data/useRecord.js';
import { useWaters } from '../../data/rows.js';
import { Choices } from '../../parts/Choices.js';
import { NotKept } from '../../parts/NotKept.js';
import { useFishOf } from './useFishOf.js';
import { NoteField } from '../../parts/NoteField.js';
import { Sheet } from '../../parts/Sheet.js';
import { useDraft } from '../../parts/useDraft.js';

/** What came of an outing, a blank as honestly as a catch. */
export function outcomeText(fish: { landed: number; lost: number }, { signs }: Pick<OutingState, 'signs'>): string {
  const count = (kind: RodSign['kind']) => signs.filter((sign) => sign.kind === kind).length;
  const lost = fish.lost + count('fish-lost');
  const runsDropped = count('run-dropped');
  const bitesMissed = count('bite-missed');
  const things = [
    fish.landed === 0 ? bankText.aBlank : fish.landed === 1 ? bankText.oneFish : bankText.fish({ landed: fish.landed }),
    ...(lost > 0 ? [bankText.lost({ lost })] : []),
    ...(runsDropped > 0 ? [bankText.dropped2({ runsDropped })] : []),
    ...(bitesMissed > 0 ? [bankText.bitesMissed({ count: bitesMissed })] : []),
  ];
  return `${things.join(', ')}.`;
}

/** Ends the outing: says what came of it, and takes a last note. */
export function EndOuting({ state, onEnd }: { state: OutingState; onEnd: (note: string) => void }) {
  const [open, setOpen] = useState(false);
  const fish = useFishOf(state.outingId);
  const [draft, change, clear] = useDraft<{ note: string; wetIds: readonly string[] }>(`end.${state.outingId}`, {
    note: '',
    wetIds: [],
  });
  const { close, learnWater } = useCloseOfDay(state);
  const water = useWaters().find(({ id }) => id === state.waterId);
  const { keep, notKept } = useRecord();
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
            void keep(() => learnWater(draft.wetIds, new Date().toISOString())).then((kept) => {
              if (!kept) return;
              clear();
              onEnd(draft.note.trim());
            });
          }}
        >
          <p className="font-book text-2xl">{outcomeText(fish, state)}</p>
          {fish.landed === 0 && <p>{bankText.aBlankBelongsIn}</p>}
          <NoteField label={bankText.anythingToRemember} value={draft.note} onChange={(note) => change({ note })} />
          {close && close.wet.length > 0 && (
            <p className="text-soft">
              {bankText.learnsByItself({
                names: close.wet.map(({ name }) => name).join(', '),
                water: water?.name ?? '',
              })}
            </p>
          )}
          {close && close.perhapsWet.length > 0 && (
            <div>
              <p className="mb-1 text-sm">{bankText.whichGotWet}</p>
              <Choices<string>
                label={bankText.whichGotWet}
                value={draft.wetIds}
                onChange={(wetIds) => change({ wetIds })}
                options={close.perhapsWet.map(({ id, name }) => ({ value: id, label: name }))}
              />
            </div>
          )}
          <p className="text-soft">{bankText.thenPutAway}</p>
          <NotKept when={notKept} />
          <button type="submit" className="button button-main">
            {bankText.putItInThe}
          </button>
        </form>
      </Sheet>
    </>
  );
}
