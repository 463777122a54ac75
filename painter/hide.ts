import { heightAt, type Anatomy, type PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { createRng, hashText } from '@keeper/core/statistics/rng';
import { mixRgb, rgb, scaleRgb, type Rgb } from './colour.js';
import { clamp, hash2, layeredNoise, smooth } from './noise.js';

/** What one spot of skin looks like: its colour, how it is raised against the light, and how it shines. */
export interface HideSpot {
  readonly colour: Rgb;
  /** Change of the surface's slope along and across the fish. */
  readonly slopeU: number;
  readonly slopeV: number;
  readonly gloss: number;
}

/** One individual's flank. `t` runs from -1 at the back to 1 at the belly. */
export type Hide = (u: number, v: number, t: number) => HideSpot;

interface Individual {
  readonly kind: PaintedKind;
  /** Names the fish: the same seed is the same fish. */
  readonly seed: string;
  readonly side: 'left' | 'right';
}

/** The hide of one flank of one fish. Left and right are different patterns; colour is the fish's own on both. */
export function hideOf(individual: Individual, anatomy: Anatomy): Hide {
  const { kind, seed, side } = individual;
  const tone = createRng(`${seed} tone`);
  const flank = hashText(`${seed} ${side}`);
  switch (kind) {
    case 'carp-common':
      return scaled(anatomy, flank, carpTones(tone.next(), tone.next()), 36, 13, 1);
    case 'carp-mirror':
    case 'carp-linear':
      return mirrored(anatomy, `${seed} ${side}`, carpTones(tone.next(), tone.next()), kind === 'carp-linear');
    case 'barbel':
      return scaled(anatomy, flank, barbelTones(tone.next()), 58, 19, 0.55);
    case 'pike':
      return spotted(flank, tone.next());
    case 'wels':
      return marbled(flank, tone.next());
  }
}

interface Tones {
  readonly back: Rgb;
  readonly flank: Rgb;
  readonly belly: Rgb;
  readonly edge: Rgb;
}

function carpTones(warmth: number, darkness: number): Tones {
  const flank = mixRgb(rgb('#8a7a3c'), rgb('#a8722f'), warmth);
  return {
    back: scaleRgb(mixRgb(rgb('#3a3a22'), rgb('#463019'), warmth), 1.1 - 0.4 * darkness),
    flank: scaleRgb(flank, 1.1 - 0.3 * darkness),
    belly: mixRgb(rgb('#d9c48c'), rgb('#d8a860'), warmth),
    edge: rgb('#2c2514'),
  };
}

function barbelTones(warmth: number): Tones {
  return {
    back: mixRgb(rgb('#4b4426'), rgb('#54401f'), warmth),
    flank: mixRgb(rgb('#a08a50'), rgb('#a97c3e'), warmth),
    belly: rgb('#e6ddc0'),
    edge: rgb('#4a3b1c'),
  };
}

/** Back to flank to belly, as light from above has bred them. */
function shade(tones: Tones, t: number): Rgb {
  return t < -0.1
    ? mixRgb(tones.back, tones.flank, smooth(-0.95, -0.1, t))
    : mixRgb(tones.flank, tones.belly, smooth(0.15, 0.95, t));
}

/** Skin with no scales: soft blotches and fine grain. */
function skin(tones: Tones, blotch: number, grain: number, t: number): Rgb {
  const base = shade(tones, clamp(t + (blotch - 0.5) * 0.5, -1, 1));
  return scaleRgb(base, 0.86 + 0.28 * grain);
}

/**
 * Full scaling in rows, each scale overlapping the next towards the tail, each with a tone of its own; a few are out of
 * line.
 */
function scaled(anatomy: Anatomy, seed: number, tones: Tones, columns: number, rows: number, relief: number): Hide {
  const blotches = layeredNoise(seed, 3);
  return (u, v, t) => {
    const blotch = blotches(u * 9, v * 9);
    const bare = smooth(anatomy.gill.u + 0.025, anatomy.gill.u - 0.005, u);
    const base = skin(tones, blotch, blotches(u * 120, v * 120), t);
    // Rows follow the outline of the body and wander a little, as they do on the living fish.
    const row = t * rows * 0.5 + 0.35 * (blotches(u * 5 + 9, v * 5) - 0.5);
    const column = u * columns * (1 + 0.12 * (u - 0.5)) + 0.45 * (blotches(u * 6, v * 6 + 7) - 0.5);
    const scale = scaleAt(column, row, seed);
    const toneOfScale = 0.8 + 0.4 * hash2(scale.column, scale.row, seed ^ 0x51ed);
    const rim = smooth(0.72, 1, scale.reach);
    const missing = hash2(scale.column, scale.row, seed ^ 0x77aa) > 0.985 ? 0.65 : 1;
    const strength = (1 - bare) * relief;
    const tinted = scaleRgb(base, 1 + (toneOfScale * missing - 1) * strength);
    return {
      colour: mixRgb(tinted, tones.edge, rim * 0.62 * strength * (t > 0.55 ? 0.45 : 1)),
      slopeU: (scale.dx * 0.5 - rim * 0.25) * strength,
      slopeV: scale.dy * 0.45 * strength,
      gloss: 0.55 + 0.3 * (1 - rim) * strength,
    };
  };
}

/** The scale on top at a point of the lattice: fish scales overlap, so the one further ahead covers. */
function scaleAt(column: number, row: number, seed: number) {
  let found = { column: 0, row: 0, dx: 0, dy: 0, reach: 1 };
  const r0 = Math.round(row);
  for (let r = r0 - 1; r <= r0 + 1; r += 1) {
    const shift = (r & 1) * 0.5;
    const c0 = Math.floor(column - shift);
    for (let c = c0; c >= c0 - 1; c -= 1) {
      const jitter = (hash2(c, r, seed) - 0.5) * 0.16;
      const dx = column - shift - c - 0.08 + jitter;
      const dy = (row - r) / 0.72 + jitter;
      const reach = Math.sqrt((dx / 0.98) ** 2 + dy ** 2);
      if (dx >= -0.15 && reach < found.reach) found = { column: c, row: r, dx, dy, reach };
    }
  }
  return found;
}

interface LoneScale {
  readonly u: number;
  readonly v: number;
  readonly along: number;
  readonly across: number;
  readonly lean: number;
  readonly tone: number;
}

/**
 * Few large scales on bare skin: under the dorsal fin, by the tail, scattered; or, on a linear, a row along the side.
 */
function mirrored(anatomy: Anatomy, seed: string, tones: Tones, linear: boolean): Hide {
  const scales = loneScales(anatomy, seed, linear);
  const noise = layeredNoise(hashText(seed), 4);
  return (u, v, t) => {
    const blotch = noise(u * 7, v * 7);
    let colour = skin(tones, blotch, noise(u * 90, v * 90), t);
    let slopeU = (noise(u * 60, v * 60) - 0.5) * 0.22;
    let slopeV = (noise(u * 60 + 31, v * 60) - 0.5) * 0.22;
    let gloss = 0.8;
    for (const scale of scales) {
      const du = u - scale.u;
      const dv = v - scale.v;
      if (Math.abs(du) > scale.along * 1.4 || Math.abs(dv) > scale.along * 1.4) continue;
      const x = (du * Math.cos(scale.lean) + dv * Math.sin(scale.lean)) / scale.along;
      const y = (dv * Math.cos(scale.lean) - du * Math.sin(scale.lean)) / scale.across;
      const reach = Math.sqrt(x * x + y * y) + 0.06 * (noise(u * 40, v * 40) - 0.5);
      if (reach > 1.12) continue;
      const rim = smooth(0.72, 0.98, reach) * smooth(1.12, 1, reach);
      const rings = 0.5 + 0.5 * Math.sin(reach * 26 + scale.tone * 9);
      const inside = smooth(1.05, 0.96, reach);
      const plate = scaleRgb(mixRgb(shade(tones, t), tones.belly, 0.38), 0.84 + 0.42 * scale.tone - 0.1 * rings);
      colour = mixRgb(mixRgb(colour, plate, inside), tones.edge, rim * 0.6);
      slopeU += inside * x * 0.28;
      slopeV += inside * y * 0.28;
      gloss = gloss + (0.95 - gloss) * inside;
    }
    return { colour, slopeU, slopeV, gloss };
  };
}

function loneScales(anatomy: Anatomy, seed: string, linear: boolean): LoneScale[] {
  const luck = createRng(`${seed} scales`);
  const scales: LoneScale[] = [];
  const lay = (u: number, share: number, size: number) => {
    const half = heightAt(share < 0 ? anatomy.back : anatomy.belly, u);
    const along = size * luck.between(0.8, 1.25);
    scales.push({
      u,
      v: share * half,
      along,
      across: along * luck.between(0.68, 0.95),
      lean: luck.normal() * 0.25,
      tone: luck.next(),
    });
  };
  for (let u = 0.36 + luck.between(0, 0.04); u < 0.86; u += luck.between(0.03, 0.06)) {
    if (luck.next() < 0.72) lay(u, luck.between(-0.93, -0.76), 0.019);
  }
  if (linear)
    for (let u = 0.28; u < 0.95; u += luck.between(0.027, 0.035)) lay(u, luck.between(-0.07, 0.07), 0.02 - 0.006 * u);
  const loose = linear ? luck.whole(2, 6) : luck.whole(5, 16);
  for (let i = 0; i < loose; i += 1)
    lay(luck.between(0.29, 0.93), luck.normal() * 0.3 + 0.15, luck.between(0.013, 0.032));
  for (let i = luck.whole(3, 8); i > 0; i -= 1) lay(luck.between(0.84, 0.97), luck.between(-0.75, 0.75), 0.012);
  return scales.filter(({ v, u }) => Math.abs(v) < 0.95 * heightAt(v < 0 ? anatomy.back : anatomy.belly, u));
}

/** Pike: olive with rows of pale spots, longer than high, that run together into bars towards the tail. */
function spotted(seed: number, warmth: number): Hide {
  const noise = layeredNoise(seed, 4);
  const tones: Tones = {
    back: mixRgb(rgb('#2f3a1e'), rgb('#37381b'), warmth),
    flank: mixRgb(rgb('#5d6a2c'), rgb('#6d6a2a'), warmth),
    belly: rgb('#e2dcb4'),
    edge: rgb('#2a3016'),
  };
  const pale = mixRgb(rgb('#c9c878'), rgb('#d8c87e'), warmth);
  return (u, v, t) => {
    const grain = noise(u * 150, v * 150);
    const base = skin(tones, noise(u * 12, v * 12), grain, t);
    const column = u * 27 + 1.1 * (noise(u * 9, v * 14) - 0.5);
    const row = t * 4.1 + 0.9 * (noise(u * 8 + 5, v * 9) - 0.5);
    let spot = 0;
    for (let c = Math.floor(column) - 1; c <= Math.floor(column) + 1; c += 1) {
      for (let r = Math.floor(row) - 1; r <= Math.floor(row) + 1; r += 1) {
        const h = hash2(c, r, seed);
        if (h < 0.17) continue;
        const x = column - c - hash2(c, r, seed ^ 1);
        const y = row - r - hash2(c, r, seed ^ 2);
        const lean = (hash2(c, r, seed ^ 3) - 0.5) * 1.3 + (u > 0.75 ? 1.1 : 0);
        const along = x * Math.cos(lean) + y * Math.sin(lean);
        const across = y * Math.cos(lean) - x * Math.sin(lean);
        const reach = Math.sqrt((along / (0.3 + 0.3 * h)) ** 2 + (across / (0.13 + 0.1 * h)) ** 2);
        spot = Math.max(spot, smooth(1.05, 0.75, reach));
      }
    }
    const shown = spot * smooth(-0.98, -0.7, t) * smooth(0.95, 0.5, t) * smooth(0.17, 0.27, u);
    // Cheek and gill cover are streaked rather than spotted.
    const streaks = smooth(0.58, 0.66, noise(u * 26, v * 60)) * smooth(0.27, 0.2, u) * smooth(-0.6, 0, t);
    return {
      colour: mixRgb(base, pale, Math.max(shown, streaks * 0.8) * 0.88),
      slopeU: (grain - 0.5) * 0.3,
      slopeV: (noise(u * 150 + 9, v * 150) - 0.5) * 0.3,
      gloss: 0.6,
    };
  };
}

/** Wels: marbled from near black to yellow-grey, smooth and slimed. */
function marbled(seed: number, warmth: number): Hide {
  const noise = layeredNoise(seed, 5);
  const warp = layeredNoise(seed ^ 0x5bd1, 3);
  const dark = mixRgb(rgb('#1d1f1c'), rgb('#26221a'), warmth);
  const light = mixRgb(rgb('#7d7a55'), rgb('#8a7a4c'), warmth);
  const belly = rgb('#cfc7b0');
  return (u, v, t) => {
    const wu = u * 17 + 3.2 * warp(u * 8, v * 8);
    const wv = v * 17 + 3.2 * warp(u * 8 + 40, v * 8);
    const marble = smooth(0.4, 0.62, noise(wu, wv) + 0.13 * t);
    const flank = mixRgb(dark, light, marble * smooth(-1, -0.2, t));
    return {
      colour: scaleRgb(
        mixRgb(flank, mixRgb(belly, light, marble * 0.35), smooth(0.35, 0.85, t)),
        0.9 + 0.2 * noise(u * 70, v * 70),
      ),
      slopeU: (noise(u * 45, v * 45) - 0.5) * 0.16,
      slopeV: (noise(u * 45 + 17, v * 45) - 0.5) * 0.16,
      gloss: 1,
    };
  };
}
