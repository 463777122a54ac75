const { floor, imul } = Math;

/** Smooth noise over the plane, in [0, 1]. */
export type Noise = (x: number, y: number) => number;

/** A hash of a grid point, in [0, 1). */
export function hash2(x: number, y: number, seed: number): number {
  let h = imul(x | 0, 0x27d4eb2d) ^ imul(y | 0, 0x165667b1) ^ seed;
  h = imul(h ^ (h >>> 15), 0x85ebca6b);
  h = imul(h ^ (h >>> 13), 0xc2b2ae35);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}

/** Value noise: random heights on a grid, joined smoothly (Perlin's fade curve). */
export function valueNoise(seed: number): Noise {
  return (x, y) => {
    const x0 = floor(x);
    const y0 = floor(y);
    const fx = fade(x - x0);
    const fy = fade(y - y0);
    const top = mix(hash2(x0, y0, seed), hash2(x0 + 1, y0, seed), fx);
    const bottom = mix(hash2(x0, y0 + 1, seed), hash2(x0 + 1, y0 + 1, seed), fx);
    return mix(top, bottom, fy);
  };
}

/** Noise of several sizes laid over each other, each half as strong and twice as fine. */
export function layeredNoise(seed: number, layers: number): Noise {
  const each = Array.from({ length: layers }, (_, i) => valueNoise(seed + i * 7919));
  return (x, y) => {
    let sum = 0;
    let weight = 0.5;
    let total = 0;
    let scale = 1;
    for (const noise of each) {
      sum += weight * noise(x * scale, y * scale);
      total += weight;
      weight /= 2;
      scale *= 2;
    }
    return sum / total;
  };
}

export function mix(a: number, b: number, t: number): number {
  return a + (b - a) * t;
}

export function clamp(x: number, low = 0, high = 1): number {
  return x < low ? low : x > high ? high : x;
}

/** 0 below `from`, 1 above `to`, smooth between. */
export function smooth(from: number, to: number, x: number): number {
  return fade(clamp((x - from) / (to - from)));
}

function fade(t: number): number {
  return t * t * (3 - 2 * t);
}
