/**
 * Places that parts are looked for at, along and across, counted row by row. Each part may lie off the common place by
 * `slack` cells, at the price of a spring: `price` times the square of how far (Felzenszwalb and Huttenlocher 2005,
 * pictorial structures).
 */
export interface Reach {
  readonly wide: number;
  readonly high: number;
  readonly slack: number;
  readonly price: number;
}

/** Which of the places are looked at: every one, or every `step`th from a first. */
export interface Lattice {
  readonly fromAlong: number;
  readonly fromAcross: number;
  readonly step: number;
}

const EVERY_PLACE: Lattice = { fromAlong: 0, fromAcross: 0, step: 1 };

/**
 * Adds to `total`, at every place of the lattice, `weight` times the best of a part within its slack, less its price:
 * first along, then across. `likeness` and `total` are `wide * high` long. Example: a map that is 1 at one place and 0
 * elsewhere adds `weight * (1 - price)` to its neighbours.
 */
export function addSlackened(
  likeness: Float32Array,
  weight: number,
  { wide, high, slack, price }: Reach,
  total: Float32Array | Float64Array,
  { fromAlong, fromAcross, step }: Lattice = EVERY_PLACE,
): void {
  const along = new Float32Array(wide * high);
  for (let j = fromAcross; j < high; j += step) {
    for (let i = fromAlong; i < wide; i += step) {
      let most = -1;
      for (let f = -slack; f <= slack; f += step) {
        if (i + f < 0 || i + f >= wide) continue;
        const value = (likeness[j * wide + i + f] as number) - price * f * f;
        if (value > most) most = value;
      }
      along[j * wide + i] = most;
    }
  }
  for (let j = fromAcross; j < high; j += step) {
    for (let i = fromAlong; i < wide; i += step) {
      let most = -1;
      for (let e = -slack; e <= slack; e += step) {
        if (j + e < 0 || j + e >= high) continue;
        const value = (along[(j + e) * wide + i] as number) - price * e * e;
        if (value > most) most = value;
      }
      total[j * wide + i] = (total[j * wide + i] as number) + weight * most;
    }
  }
}

/** How far a part lies off a common place, within its slack, where it is best, and how alike it is there. */
export function bestNearby(likeness: Float32Array, { wide, high, slack, price }: Reach, place: number) {
  const [j, i] = [Math.floor(place / wide), place % wide];
  const best = { likeness: -1, along: 0, across: 0 };
  for (let e = Math.max(-slack, -j); e <= Math.min(slack, high - 1 - j); e += 1) {
    for (let f = Math.max(-slack, -i); f <= Math.min(slack, wide - 1 - i); f += 1) {
      const value = (likeness[place + e * wide + f] as number) - price * (e * e + f * f);
      if (value > best.likeness) [best.likeness, best.along, best.across] = [value, f, e];
    }
  }
  return best;
}
