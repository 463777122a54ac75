import { createRng } from '@keeper/core/statistics/rng';
import { hash2 } from './noise.js';
import type { LightCanvas } from './blur.js';

/** From light to pixels: exposure, a soft shoulder in the highlights, a falling-off towards the corners, and grain. */
export function develop(
  { data: canvas, widthPx, heightPx }: LightCanvas,
  { exposure, shot }: { readonly exposure: number; readonly shot: string },
): Uint8ClampedArray {
  const grain = createRng(`${shot} grain`).whole(1, 1e9);
  const out = new Uint8ClampedArray(canvas.length);
  const curve = toneCurve();
  let i = 0;
  for (let y = 0; y < heightPx; y += 1) {
    const dy = y / heightPx - 0.5;
    for (let x = 0; x < widthPx; x += 1) {
      const dx = x / widthPx - 0.5;
      const by = exposure * 1.42 * (1 - 0.34 * (dx * dx + dy * dy));
      const speck = (hash2(x, y, grain) - 0.5) * 0.028;
      for (let c = 0; c < 3; c += 1, i += 1) {
        const value = (canvas[i] as number) * by + speck;
        const step = value <= 0 ? 0 : value >= BRIGHTEST ? CURVE_STEPS : Math.floor((value / BRIGHTEST) * CURVE_STEPS);
        out[i] = curve[step] as number;
      }
    }
  }
  return out;
}

const BRIGHTEST = 2.5;
const CURVE_STEPS = 4096;

/** Bright light runs into white slowly, as film and sensors with a curve do. */
function toneCurve(): Uint8ClampedArray {
  return Uint8ClampedArray.from({ length: CURVE_STEPS + 1 }, (_, i) => {
    const value = (i / CURVE_STEPS) * BRIGHTEST;
    const shoulder = value > 0.72 ? 0.72 + 0.28 * (1 - Math.exp(-(value - 0.72) / 0.28)) : value;
    return 255 * shoulder ** 0.88;
  });
}
