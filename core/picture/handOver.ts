import type { FlankArea } from './flankArea.js';
import { sampled, type Planes } from './raster.js';

/**
 * Share of the gill cover and of the pattern behind it that lies under something of the colour of a hand: redder for its brightness than
 * the back of this fish, and lighter. Only the middle of the flank counts: hands under the belly are where they belong.
 */
export function handOver(
  { light, redness, yellowness }: Planes,
  area: FlankArea,
): { readonly gill: number; readonly flank: number } {
  const looks = area.looks.map((look) => {
    const bright = Math.max(10, sampled(light, look.x, look.y));
    return {
      ...look,
      bright,
      red: sampled(redness, look.x, look.y) / bright,
      yellow: sampled(yellowness, look.x, look.y) / bright,
    };
  });
  const back = looks.filter(({ t, u }) => t < -0.3 && u > 0.3 && u < 0.9);
  const usual = middle(back.map(({ red }) => red));
  const like = ({ bright, red, yellow }: (typeof looks)[number]) =>
    red > Math.max(0.17, usual + 0.07) && yellow > 0.12 && yellow < red * 2.1 && bright > 45;
  const share = (of: typeof looks) => of.filter(like).length / Math.max(1, of.length);
  const inside = looks.filter(({ t }) => t > -0.5 && t < 0.4);
  return {
    gill: share(inside.filter(({ u }) => u > 0.15 && u < 0.3)),
    flank: share(inside.filter(({ u }) => u >= 0.3 && u < 0.85)),
  };
}

function middle(of: readonly number[]): number {
  return of.toSorted((a, b) => a - b)[Math.floor(of.length / 2)] ?? 0;
}
