import type { Loss, RodSetup } from '@keeper/core/domain/capture/rodFacts';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import type { RodSign, RodSpell } from '@keeper/core/domain/outing/rods';
import { MINUTE_MS } from '@keeper/core/measure/timeSpan';
import { spanText } from '@keeper/core/measure/duration';
import { useSettings } from '../../data/queries.js';
import { useRodWords } from '../../data/rods.js';
import { useStandingRigs } from '../../data/rows.js';
import { Picker } from '../../parts/Picker.js';
import { LossQuestions } from '../../parts/rod/LossQuestions.js';
import { rodText } from '../../parts/rod/rodText.js';
import { partsText } from '../../parts/text.en-GB.js';
import { bankText } from './text.en-GB.js';

interface RodCardProps {
  readonly state: OutingState;
  /** How the rod fishes now, or fished last. */
  readonly spell: RodSpell;
  readonly nowMs: number;
  readonly onCast: (setup: RodSetup) => void;
  readonly onIn: () => void;
  readonly onSign: (kind: RodSign['kind']) => void;
  readonly onLossTold: (of: RodSign, loss: Loss) => void;
  readonly onMore: () => void;
}

const SIGNS = [
  { kind: 'run-dropped', words: bankText.droppedRun2 },
  { kind: 'bite-missed', words: bankText.missedBite },
  { kind: 'fish-lost', words: bankText.lostFish },
] as const;

/** One rod: whether it fishes, with what, for how long, and what happened on it. */
export function RodCard({ state, spell, nowMs, onCast, onIn, onSign, onLossTold, onMore }: RodCardProps) {
  const { rod, setup, fromMs, toMs } = spell;
  const { lengthHabit } = useSettings();
  const { baits } = useRodWords(state.waterId);
  const rigs = useStandingRigs();
  const out = toMs === null;
  const signs = state.signs.filter((sign) => sign.rod === rod);
  const lost = justLost(signs, nowMs);
  const { bait: _bait, ...unbaited } = setup;
  const shown = rodText(unbaited, lengthHabit);
  return (
    <div role="group" aria-label={partsText.rodNumber({ rod })} className="rounded-xl border border-rule p-4">
      <div className="flex items-start justify-between gap-4">
        <div className="min-w-0">
          <p className="text-lg font-semibold">
            <span className="mr-2 font-book text-2xl">{rod}</span>
            {setup.bait ?? bankText.noBaitNamed}
          </p>
          {shown && <p className="text-soft">{shown}</p>}
          <p className="tabular-nums">
            {out
              ? bankText.fishesFor({ span: sinceText(nowMs - fromMs) })
              : bankText.inFor({ span: sinceText(nowMs - toMs), fish: spell.endedBy === 'fish' })}
          </p>
        </div>
        <button
          type="button"
          className={`button min-h-14 shrink-0 px-5 ${out ? '' : 'button-main'}`}
          onClick={() => (out ? onIn() : onCast(setup))}
        >
          {out ? bankText.takeItIn : bankText.castAgain}
        </button>
      </div>
      <div className="mt-3 grid grid-cols-2 gap-2">
        <Picker
          label={bankText.changeTheBait}
          value=""
          onChange={(bait) => (bait === ANOTHER ? onMore() : onCast({ ...setup, bait }))}
          options={[
            ...baits.filter((bait) => bait !== setup.bait).map((bait) => ({ value: bait, label: bait })),
            { value: ANOTHER, label: bankText.anotherWord },
          ]}
        />
        <Picker
          label={bankText.changeTheRig}
          value=""
          onChange={(id) => {
            const rig = rigs.find((each) => each.id === id);
            if (rig) onCast({ ...setup, rigId: rig.id, rig: rig.name });
            else onMore();
          }}
          options={[
            ...rigs.filter(({ id }) => id !== setup.rigId).map(({ id, name }) => ({ value: id, label: name })),
            { value: ANOTHER, label: bankText.anotherPlace },
          ]}
        />
      </div>
      {out && (
        <div className="mt-2 grid grid-cols-3 gap-2">
          {SIGNS.map(({ kind, words }) => {
            const count = signs.filter((sign) => sign.kind === kind).length;
            return (
              <button
                key={kind}
                type="button"
                className="button min-h-14 px-2 font-normal leading-tight"
                onClick={() => onSign(kind)}
              >
                {words}
                {count > 0 && ` ${count}`}
              </button>
            );
          })}
        </div>
      )}
      {lost && (
        <div className="mt-4">
          <LossQuestions loss={lossOf(lost)} onTold={(loss) => onLossTold(lost, loss)} />
        </div>
      )}
    </div>
  );
}

/** No bait is called so: it is longer than a bait may be named. */
const ANOTHER = '\u2026'.repeat(61);

/** Asked for so long after the tap; what is not answered by then stays open, as before. */
const ASKED_FOR_MS = 15 * MINUTE_MS;

/** The fish that was lost on this rod last, while not all is told of it and nothing else has happened since. */
function justLost(signs: readonly RodSign[], nowMs: number): RodSign | undefined {
  const last = signs.at(-1);
  if (last?.kind !== 'fish-lost' || nowMs - last.atMs > ASKED_FOR_MS) return undefined;
  return last.reason === undefined || last.left === undefined ? last : undefined;
}

/** What was told of it so far. */
function lossOf({ reason, left }: RodSign): Loss {
  return { ...(reason && { reason }), ...(left && { left }) };
}

/** The clock of this page goes by the minute: of less it says nothing. */
function sinceText(sinceMs: number): string {
  return sinceMs < MINUTE_MS ? bankText.underAMinute : spanText(sinceMs);
}
