import type { FlankArea } from './flankArea.js';
import { sampled, type Planes } from '../image/raster.js';

/**
 * Share of the gill cover and of the pattern behind it that lies under something of the colour of a hand: redder for
 * its brightness than the rest of the flank at the same height, since the belly of a carp is as warm as a hand, but all
 * along. Only the middle of the flank counts: hands under the belly are where they belong.
 */
export function handOcclusion(
  { light, redness, yellowness }: Planes,
  area: FlankArea,
): { readonly gill: number; readonly flank: number } {
  const rows = new Map<number, { u: number; red: number; like: boolean }[]>();
  for (const { x, y, u, t } of area.looks) {
    if (t < -0.5 || t > 0.45 || u < 0.15 || u > 0.88) continue;
    const bright = Math.max(10, sampled(light, x, y));
    const red = sampled(redness, x, y) / bright;
    const yellow = sampled(yellowness, x, y) / bright;
    const row = rows.get(t) ?? [];
    row.push({ u, red, like: red > 0.13 && yellow > 0.1 && yellow < red * 2.2 && bright > 40 });
    rows.set(t, row);
  }
  let [gill, gills, flank, flanks] = [0, 0, 0, 0];
  for (const row of rows.values()) {
    const usual = row.map(({ red }) => red).toSorted((a, b) => a - b)[Math.floor(row.length / 2)] ?? 0;
    for (const { u, red, like } of row) {
      const hand = like && red > usual + 0.07 ? 1 : 0;
      if (u < 0.3) [gill, gills] = [gill + hand, gills + 1];
      else [flank, flanks] = [flank + hand, flanks + 1];
    }
  }
  return { gill: gill / Math.max(1, gills), flank: flank / Math.max(1, flanks) };
}
