import { quietSwim } from '@keeper/core/bank/quietSwim';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { useOwnRates } from '../../data/rods.js';
import { useStandingSwims } from '../../data/rows.js';
import { say } from '../../text/say.js';
import { useFishOf } from './useFishOf.js';
import { bankText } from './text.en-GB.js';

interface QuietSwimProps {
  readonly state: OutingState;
  readonly nowMs: number;
  readonly onMove: (swimId: string) => void;
}

/** Whether a quiet swim is worth leaving, with the reason; and the next one in turn, a tap away. */
export function QuietSwim({ state, nowMs, onMove }: QuietSwimProps) {
  const { outingId, waterId, rods, signs } = state;
  const here = state.swims.at(-1);
  const { ofSwim, ofWater } = useOwnRates(outingId, waterId, here?.swimId ?? null);
  const { rows } = useFishOf(outingId);
  const hereSinceMs = here ? Date.parse(here.at) : null;
  const takesMs = rows.map(({ startedAt }) => Date.parse(startedAt ?? ''));
  const lastSignMs = Math.max(-Infinity, ...signs.map(({ atMs }) => atMs), ...takesMs.filter(Number.isFinite));
  const told = quietSwim({
    rods,
    lastSignMs: Number.isFinite(lastSignMs) ? lastSignMs : null,
    predatorFollowed: rows.some(
      ({ startedAt, predatorNear }) => predatorNear && Date.parse(startedAt ?? '') >= (hereSinceMs ?? -Infinity),
    ),
    hereSinceMs,
    ownOfSwim: ofSwim,
    ownOfWater: ofWater,
    nowMs,
  });
  const next = useNextSwim(state);
  if (!told) return null;
  return (
    <div className={told.move ? 'border-l-4 border-air pl-3' : ''}>
      <p className={told.move ? 'font-semibold' : 'text-soft'}>{say(told.says)}</p>
      {told.reason && <p className="text-sm text-soft">{say(told.reason)}</p>}
      {told.move && next && (
        <button type="button" className="button mt-2 min-h-14 w-full" onClick={() => onMove(next.id)}>
          {bankText.moveTo({ name: next.name })}
        </button>
      )}
    </div>
  );
}

/** Swims in turn: the one after this by name, and after the last the first again. */
function useNextSwim({ waterId, swims }: OutingState) {
  const here = swims.at(-1)?.swimId;
  const all = useStandingSwims()
    .filter((swim) => swim.waterId === waterId)
    .toSorted((a, b) => a.name.localeCompare(b.name));
  const at = all.findIndex(({ id }) => id === here);
  const next = all[(at + 1) % all.length];
  return next?.id === here ? undefined : next;
}
