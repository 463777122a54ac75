import type { CaptureConditions } from '../domain/capture/conditions.js';
import type { Sign } from '../domain/capture/sign.js';
import type { RunStep } from '../domain/capture/steps.js';
import { createRng } from '../statistics/rng.js';
import type { SpeciesId } from '../domain/fish/species.js';
import type { WaterRules } from '../domain/water/rules.js';
import type { BankKind, Hazard } from '../domain/water/swim.js';

/** Something that turns up in the course of a rehearsal: told when its moment has come, for the keeper to act on. */
export interface Twist {
  readonly after: 'hooked' | RunStep;
  readonly afterMs: number;
  readonly tell: string;
  /** What is true of the fish from then on. */
  readonly sign?: Sign;
  readonly wound?: boolean;
}

/** A fish that is only played through. */
export interface Scenario {
  readonly id: string;
  readonly title: string;
  readonly told: string;
  readonly species: SpeciesId;
  readonly bank: BankKind;
  readonly hazards: readonly Hazard[];
  readonly conditions: CaptureConditions;
  readonly rules: Partial<WaterRules>;
  readonly matC: number | null;
  /** How long it has been played when the rehearsal begins. */
  readonly fightMs: number;
  /** Whether the scale was zeroed before. */
  readonly zeroed: boolean;
  readonly twists: readonly Twist[];
}

type Sketch = Pick<Scenario, 'id' | 'title' | 'told' | 'species'> &
  Partial<Scenario> & { readonly conditions: CaptureConditions };

const at = (after: Twist['after'], afterS: number, tell: string, more: Pick<Twist, 'sign' | 'wound'> = {}): Twist => ({
  after,
  afterMs: afterS * 1000,
  tell,
  ...more,
});
const minutes = (count: number) => count * 60_000;
const ALONE = { waterC: 16, airC: 17 };
const NIGHT = { waterC: 13, airC: 7, dark: true };

/** The scenarios, all invented: what goes wrong on banks, each once. */
const SKETCHES: readonly Sketch[] = [
  {
    id: 'clean',
    title: 'As it should be',
    species: 'carp',
    conditions: ALONE,
    told: 'A mild morning, a good carp, all laid out. Only the order counts.',
  },
  {
    id: 'lively',
    title: 'Green in the net',
    species: 'carp',
    conditions: ALONE,
    fightMs: minutes(2),
    told: 'Two minutes on strong tackle, and it comes to the net with all its strength.',
    twists: [
      at('netted', 1, 'It beats the water white in the net.', { sign: 'thrashing' }),
      at('netted', 12, 'It hangs still now, gills working.', { sign: 'calm' }),
    ],
  },
  {
    id: 'deep',
    title: 'Out of sight',
    species: 'carp',
    conditions: ALONE,
    told: 'The bobbin dropped back and came up again. The line goes straight down its mouth.',
    twists: [
      at('netted', 1, 'The bend of the hook is far back, behind the soft part of the mouth.', { sign: 'hook-deep' }),
    ],
  },
  {
    id: 'swallowed',
    title: 'Down the throat',
    species: 'pike',
    bank: 'platform',
    conditions: { waterC: 9, airC: 6 },
    told: 'A dead bait, a run that was given too long.',
    twists: [at('netted', 1, 'You see the trace run down its throat, and no hook.', { sign: 'hook-swallowed' })],
  },
  {
    id: 'boat-pike',
    title: 'Boat, pike, warm',
    species: 'pike',
    bank: 'boat',
    conditions: { waterC: 22, airC: 25 },
    told: 'You fished for perch. At the boat’s side hangs a pike of a good metre; the water is at 22 °C.',
    twists: [at('netted', 1, 'One point is near the gill rakers.', { sign: 'hook-near-gills' })],
  },
  {
    id: 'hot-mat',
    title: 'The mat at noon',
    species: 'carp',
    conditions: { waterC: 23, airC: 30 },
    matC: 52,
    told: 'Noon, no cloud. The mat has lain face up since eight.',
  },
  {
    id: 'not-zeroed',
    title: 'The scale shows something',
    species: 'carp',
    conditions: ALONE,
    zeroed: false,
    told: 'The sling hangs wet on the scale, and the scale shows 1 lb 9 oz.',
  },
  {
    id: 'alone-night',
    title: 'Alone in the dark',
    species: 'carp',
    conditions: NIGHT,
    told: 'Two at night, one lamp, no helper, and a steep bank behind you.',
    twists: [
      at('lifted', 3, 'It slaps once with the tail.', { sign: 'thrashing' }),
      at('lifted', 9, 'It lies still.', { sign: 'calm' }),
    ],
  },
  {
    id: 'ulcer',
    title: 'A sore flank',
    species: 'carp',
    conditions: ALONE,
    rules: { treatments: 'allowed' },
    told: 'The water allows treatments; the care kit stands by the mat.',
    twists: [
      at('lifted', 2, 'On the left flank, before the tail: an open ulcer as large as a thumb.', { wound: true }),
    ],
  },
  {
    id: 'no-treatment',
    title: 'Hands off',
    species: 'carp',
    conditions: ALONE,
    rules: { treatments: 'forbidden' },
    told: 'On the board at the gate: no treatment of fish. The care kit stands by the mat all the same.',
    twists: [at('lifted', 2, 'A fresh tear at the hook hold.', { wound: true })],
  },
  {
    id: 'no-keeping',
    title: 'Nothing is kept',
    species: 'carp',
    conditions: ALONE,
    rules: { retention: { kind: 'none' } },
    told: 'On the board at the gate: no retention, not for a minute. The camera is in the tent.',
  },
  {
    id: 'long-fight',
    title: 'Half an hour',
    species: 'wels',
    conditions: { waterC: 25.5, airC: 27 },
    fightMs: minutes(31),
    told: 'Thirty-one minutes. It lies on its side before the net, and the water is at 25.5 °C.',
    twists: [at('netted', 1, 'It does not right itself.', { sign: 'spent' })],
  },
  {
    id: 'bleeding',
    title: 'Red in the net',
    species: 'barbel',
    bank: 'wading',
    conditions: { waterC: 17, airC: 19 },
    told: 'A barbel in fast water, hooked well back.',
    twists: [at('hook-out', 1, 'Red smoke from under the gill cover.', { sign: 'bleeding' })],
  },
  {
    id: 'small',
    title: 'Just a small one',
    species: 'carp',
    conditions: ALONE,
    fightMs: minutes(1),
    told: 'The alarm screamed as for a big one.',
    twists: [at('netted', 1, 'Four pounds at most.', { sign: 'small' })],
  },
  {
    id: 'dropped',
    title: 'Dropped',
    species: 'carp',
    conditions: ALONE,
    told: 'A strong fish. Everything went well so far.',
    twists: [
      at('weighed', 3, 'It kicks, slides out of the sling and falls on the mat from knee height. Tap “It dropped”.'),
    ],
  },
  {
    id: 'line-caught',
    title: 'Caught in the mesh',
    species: 'barbel',
    conditions: { waterC: 15, airC: 14 },
    told: 'Net full of weed and line.',
    twists: [
      at('hook-out', 1, 'The long ray of the dorsal fin is through the mesh.', { sign: 'line-caught' }),
      at('hook-out', 11, 'You have worked it free.', { sign: 'line-clear' }),
    ],
  },
  {
    id: 'otter',
    title: 'Somebody watches',
    species: 'carp',
    conditions: { ...ALONE, dark: true },
    told: 'Dusk. Rings on the water that no fish makes.',
    twists: [at('held', 5, 'An otter’s head, ten metres out.', { sign: 'predator-near' })],
  },
  {
    id: 'second-rod',
    title: 'The other rod',
    species: 'carp',
    conditions: ALONE,
    told: 'Two rods out, both on the same shoal, and you are alone.',
    twists: [at('lifted', 5, 'The second rod goes. The fish lies on the mat.')],
  },
  {
    id: 'slow',
    title: 'It does not go',
    species: 'pike',
    conditions: { waterC: 18, airC: 20 },
    fightMs: minutes(9),
    told: 'A heavy pike, nine minutes in weed.',
    twists: [
      at('held', 10, 'Gills work, but it tips over when you let go.'),
      at('held', 25, 'It stands upright by itself.'),
      at('held', 32, 'It pulls away from your hand.'),
    ],
  },
  {
    id: 'frost',
    title: 'Eight below',
    species: 'pike',
    conditions: { waterC: 3, airC: -8 },
    told: 'The net freezes to the hands. A pike of a lifetime for your neighbour, and he wants the picture.',
  },
  {
    id: 'shed',
    title: 'Where is the hook?',
    species: 'carp',
    conditions: ALONE,
    told: 'Netted, and the line falls slack.',
    twists: [at('netted', 1, 'The hook is out of its mouth, somewhere in the mesh. Tap “It shed the hook”.')],
  },
  {
    id: 'two-hands',
    title: 'Four hands',
    species: 'wels',
    conditions: { waterC: 20, airC: 22, companions: 1 },
    fightMs: minutes(14),
    told: 'A catfish longer than your helper. You both know your parts, or not.',
  },
  {
    id: 'sunburnt',
    title: 'Too warm to fish',
    species: 'barbel',
    bank: 'gravel',
    conditions: { waterC: 24, airC: 31 },
    told: 'The river is at 24 °C, and it hooked itself.',
  },
  {
    id: 'power-line',
    title: 'Wires overhead',
    species: 'carp',
    hazards: ['power-line'],
    conditions: { ...ALONE, dark: true },
    told: 'A swim under wires. You stand up with the rod.',
    twists: [at('lifted', 2, 'Lifted scales along the belly, fresh.', { wound: true })],
  },
];

export const SCENARIO_IDS: readonly string[] = SKETCHES.map(({ id }) => id);

/**
 * Draws a scenario by seed: which one, and within it how long the fight was and when things turn up. The same seed
 * draws the same. Scenarios in `not` are left out while others are there, so that one does not come twice in a row.
 * Example: `drawScenario('3', ['clean'])` is never the clean one.
 */
export function drawScenario(seed: string, not: readonly string[] = []): Scenario {
  const luck = createRng(`rehearse ${seed}`);
  const others = SKETCHES.filter(({ id }) => !not.includes(id));
  return vary(luck.pick(others.length > 0 ? others : SKETCHES), luck);
}

/** One scenario by name, varied by a seed. @throws RangeError for a name that is none. */
export function scenarioOf(id: string, seed: string): Scenario {
  const sketch = SKETCHES.find((each) => each.id === id);
  if (!sketch) throw new RangeError(`There is no scenario “${id}”.`);
  return vary(sketch, createRng(`rehearse ${seed}`));
}

function vary(sketch: Sketch, luck: ReturnType<typeof createRng>): Scenario {
  const fightMs = sketch.fightMs ?? minutes(4);
  return {
    bank: 'grass',
    hazards: [],
    rules: {},
    matC: null,
    zeroed: true,
    ...sketch,
    fightMs: Math.round(fightMs * luck.between(0.95, 1.05)),
    twists: (sketch.twists ?? []).map((twist) => ({
      ...twist,
      afterMs: Math.round(twist.afterMs * luck.between(0.85, 1.3)),
    })),
  };
}

/** What has turned up by now. Example: a twist 2 s after the lift is told 2 s after it, and not before a lift. */
export function twistsTold(
  { twists }: Scenario,
  marks: readonly { readonly type: string; readonly atMs: number }[],
  nowMs: number,
): Twist[] {
  return twists.filter(({ after, afterMs }) => {
    const began = marks.find(({ type }) => type === after || (after === 'hook-out' && isHookEnd(type)));
    return began !== undefined && nowMs >= began.atMs + afterMs;
  });
}

function isHookEnd(type: string): boolean {
  return type === 'hook-cut' || type === 'line-cut' || type === 'hook-shed';
}
