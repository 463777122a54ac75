import type { Rng } from '@keeper/core/statistics/rng';

/** How the scale is held up: from a bar or a tripod, by hand at its loop, or by hand around its body. */
export const SUPPORTS = ['bar', 'tripod', 'hand', 'cupped'] as const;
export type Support = (typeof SUPPORTS)[number];

/** What hangs, how it behaves, and on what. All of it is physics of a stand-in: invented, of the right size. */
export interface HangingLoad {
  readonly grams: number;
  readonly support: Support;
  /** It lies still and kicks in turn: how long each lasts on average, in seconds. */
  readonly stillS: number;
  readonly kickingS: number;
  /** Force of a kick as a share of the weight. */
  readonly kick: number;
  /** How far it swings when it is let go, in radians. */
  readonly swingRad: number;
  readonly lengthM: number;
  /** Damping of the swing, as a share of the critical. */
  readonly swingDamping: number;
  /** The bounce of scale, sling and bar. */
  readonly bounceHz: number;
  readonly bounceDamping: number;
  /** How long it takes until the whole weight hangs. */
  readonly loadingS: number;
  /** A hand's own unrest, in m/s2 (standard deviation). */
  readonly handMs2: number;
  /** What a hand around the scale's body adds, as a share of the weight. */
  readonly cupped: number;
}

const G = 9.81;
const STEP_S = 0.004;

/** A draw between two values, or from a range that is so many times as wide about the same middle. */
export function widely(luck: Rng, low: number, high: number, wider: number): number {
  const middle = (low + high) / 2;
  return Math.max(low / 4, middle + (luck.between(low, high) - middle) * wider);
}

const BOUNCE: Readonly<
  Record<Support, { readonly hz: readonly [number, number]; readonly damping: readonly [number, number] }>
> = {
  bar: { hz: [3, 7], damping: [0.08, 0.2] },
  tripod: { hz: [2.2, 5], damping: [0.06, 0.14] },
  hand: { hz: [1.8, 3.2], damping: [0.25, 0.5] },
  cupped: { hz: [1.8, 3.2], damping: [0.25, 0.5] },
};

/**
 * A load drawn from the defaults, or from ranges so many times as `wider`. `liveliness` goes from 0, calm, to 1,
 * lively.
 */
export function drawLoad(luck: Rng, grams: number, support: Support, liveliness: number, wider = 1): HangingLoad {
  const within = ([low, high]: readonly [number, number]) => widely(luck, low, high, wider);
  return {
    grams,
    support,
    stillS: (12 - 9 * liveliness) * within([0.6, 1.4]),
    kickingS: (0.4 + 1.2 * liveliness) * within([0.6, 1.4]),
    kick: (0.03 + 0.17 * liveliness) * within([0.5, 1.5]),
    swingRad: (0.02 + 0.06 * liveliness) * within([0.5, 1.5]),
    lengthM: within([0.35, 0.9]),
    swingDamping: within([0.02, 0.06]),
    bounceHz: within(BOUNCE[support].hz),
    bounceDamping: within(BOUNCE[support].damping),
    loadingS: within([0.4, 1.4]),
    handMs2: support === 'hand' || support === 'cupped' ? within([0.09, 0.3]) : 0,
    cupped: support === 'cupped' ? luck.between(0.03, 0.08) : 0,
  };
}

/**
 * The force on the hook, as grams, one step of 4 ms after the other: a damped spring for the bounce, a pendulum for the
 * swing, bursts of tail beats that push up and down and aside and add up to nothing, and the unrest of a hand. Call it
 * again and again.
 */
export function hangingForce(load: HangingLoad, luck: Rng): { readonly stepS: number; readonly next: () => number } {
  const { grams } = load;
  const bounce = 2 * Math.PI * load.bounceHz;
  const swing = Math.sqrt(G / load.lengthM);
  // Everything below is per unit of weight: 1 is the fish hanging still.
  let force = 0;
  let rate = 0;
  let angle = load.swingRad;
  let turning = 0;
  let timeS = 0;
  // It is hung while it is cross: the first spell may be either.
  let kicking = luck.next() < 0.5;
  let burst:
    | {
        readonly sinceS: number;
        readonly lastsS: number;
        readonly hz: number;
        readonly size: number;
        readonly aside: number;
      }
    | undefined;
  let sway = 0;
  let unrest = 0;
  let tremor = 0;
  let tremorRate = 0;
  const tremorAt = 2 * Math.PI * luck.between(7, 11);
  const next = () => {
    timeS += STEP_S;
    if (luck.next() < STEP_S / (kicking ? load.kickingS : load.stillS)) kicking = !kicking;
    if (!burst && kicking) {
      burst = {
        sinceS: timeS,
        lastsS: luck.between(0.2, 0.7),
        hz: luck.between(2.5, 6),
        size: load.kick * luck.between(0.4, 1.6),
        aside: luck.normal() * load.kick,
      };
    }
    let pushed = 0;
    if (burst) {
      const into = timeS - burst.sinceS;
      const envelope = Math.sin((Math.PI * into) / burst.lastsS);
      pushed = burst.size * envelope * Math.sin(2 * Math.PI * burst.hz * into);
      turning += burst.aside * envelope * STEP_S;
      if (into > burst.lastsS) burst = undefined;
    }
    turning += (-2 * load.swingDamping * swing * turning - swing * swing * Math.sin(angle)) * STEP_S;
    angle += turning * STEP_S;
    const tension = Math.cos(angle) + (load.lengthM * turning * turning) / G;
    if (load.handMs2 > 0) {
      // Sway and correction of an arm below 2 Hz, and the tremor of a loaded one about 9 Hz.
      sway += (-sway / 0.25) * STEP_S + luck.normal() * Math.sqrt((2 * STEP_S) / 0.25);
      unrest += ((sway - unrest) / 0.08) * STEP_S;
      tremorRate +=
        (-2 * 0.1 * tremorAt * tremorRate - tremorAt * tremorAt * tremor) * STEP_S +
        luck.normal() * tremorAt * Math.sqrt(0.4 * tremorAt * STEP_S);
      tremor += tremorRate * STEP_S;
    }
    const hand = (load.handMs2 / G) * (unrest + 0.5 * tremor);
    const loaded = Math.min(1, timeS / load.loadingS);
    const wanted = loaded * (tension + pushed + hand);
    rate += (bounce * bounce * (wanted - force) - 2 * load.bounceDamping * bounce * rate) * STEP_S;
    force += rate * STEP_S;
    return grams * force * (1 + load.cupped * loaded);
  };
  return { stepS: STEP_S, next };
}
