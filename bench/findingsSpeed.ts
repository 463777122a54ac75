import { tellPart, type Part } from '@keeper/core/findings/bookTold';
import { UNTOLD_FISH, type FishTaken } from '@keeper/core/findings/fishingRecord';
import { createRng } from '@keeper/core/statistics/rng';
import { report } from './figures.js';
import { inventKeeper } from './inventedKeeper.js';

const OUTINGS = 4000;
const FISH = 20_000;
const PARTS: readonly Part[] = ['tackle', 'stocks', 'chances', 'handling', 'when'];

/** How soon each part is told of a book of four thousand outings and twenty thousand fish. */
export function findingsSpeed(): void {
  const luck = createRng('speed');
  const invented = inventKeeper({ outings: OUTINGS, firstLight: 1.5, swim: 1.5, bait: 1 }, luck);
  const others = Array.from({ length: FISH - invented.fish.length }, (_, n): FishTaken => {
    const handled = {
      fightMs: 1000 * luck.whole(100, 900),
      airMs: 1000 * luck.whole(20, 90),
      heldMs: 1000 * luck.whole(30, 300),
    };
    const more = {
      restedMs: 0,
      gillBeat: luck.whole(30, 70),
      leaving: 'strong' as const,
      waterC: luck.between(5, 22),
      openWounds: 0,
    };
    const told = {
      rig: `rig ${luck.whole(1, 12)}`,
      bait: `bait ${luck.whole(1, 30)}`,
      hook: '6 barbless',
      fishId: `f${luck.whole(1, 3000)}`,
    };
    const at = {
      captureId: `other ${n}`,
      waterId: 'mere',
      atMs: Date.UTC(2010, 0, 1) + n * 20_000_000,
      species: 'carp' as const,
    };
    return { ...UNTOLD_FISH, ...at, ...told, netGrams: luck.whole(3000, 16_000), handled: { ...handled, ...more } };
  });
  const record = { ...invented, fish: [...invented.fish, ...others] };
  let whole = 0;
  for (const part of PARTS) {
    const began = performance.now();
    tellPart(part, record, { luck: createRng('findings'), filter: {}, goals: [9000, 11_000, 14_000, 16_500, 18_000] });
    const ms = performance.now() - began;
    whole += ms;
    report(`${OUTINGS} outings, ${FISH} fish: ${part}`, ms, 'ms', part === PARTS[0] ? 1000 : undefined);
  }
  report('  all parts', whole, 'ms', 4000);
}
