import type { OutingState } from './outingState.js';
import type { RodSetup } from '../capture/rodFacts.js';
import { rodTimeMs, type RodSpell } from './rods.js';

/** What one swim of an outing comes to, beside the fish that were landed there. */
export interface SwimFished {
  readonly swimId: string | null;
  /** How long rods fished there, all together, in ms. */
  readonly rodMs: number;
  readonly runsDropped: number;
  readonly bitesMissed: number;
  readonly fishLost: number;
  /** How rods fished there, each way once, the newest last. */
  readonly setups: readonly RodSetup[];
}

/**
 * What each swim of an outing comes to, in the order in which they were fished; rods that nobody took in count until
 * the outing should have ended. Example: an outing whose rods were never tapped has no rod time.
 */
export function swimsFished({
  rods,
  signs,
  toMs,
  endedAt,
}: Pick<OutingState, 'rods' | 'signs' | 'toMs' | 'endedAt'>): SwimFished[] {
  const untilMs = endedAt === null ? toMs : Date.parse(endedAt);
  const swimIds = [...new Set([...rods, ...signs].map(({ swimId }) => swimId))];
  return swimIds.map((swimId) => {
    const here = signs.filter((sign) => sign.swimId === swimId);
    const count = (kind: (typeof signs)[number]['kind']) => here.filter((sign) => sign.kind === kind).length;
    return {
      swimId,
      rodMs: rodTimeMs(
        rods.filter((spell) => spell.swimId === swimId),
        untilMs,
      ),
      runsDropped: count('run-dropped'),
      bitesMissed: count('bite-missed'),
      fishLost: count('fish-lost'),
      setups: setupsOf(rods.filter((spell) => spell.swimId === swimId)),
    };
  });
}

function setupsOf(rods: readonly RodSpell[]): RodSetup[] {
  const ways = new Map<string, RodSetup>();
  for (const { setup } of rods) {
    const way = JSON.stringify(Object.entries(setup).sort(([a], [b]) => (a < b ? -1 : 1)));
    ways.delete(way);
    ways.set(way, setup);
  }
  return [...ways.values()];
}
