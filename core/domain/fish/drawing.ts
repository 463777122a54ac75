import { heightAt, type Anatomy, type BodyPoint } from './anatomy.js';
import { bodyShapeOf } from './otherBodyShapes.js';
import type { SpeciesId } from './species.js';

/** A fish as lines in the flank frame, its head to the left: outlines of body and fins, and what shows the head. */
export interface FishDrawing {
  /** From snout to fork, and back again. */
  readonly back: readonly BodyPoint[];
  readonly belly: readonly BodyPoint[];
  readonly finsBehind: readonly (readonly BodyPoint[])[];
  readonly finsOver: readonly (readonly BodyPoint[])[];
  readonly eye: Anatomy['eye'];
  readonly gill: readonly BodyPoint[];
  readonly mouth: readonly BodyPoint[];
  readonly barbels: Anatomy['barbels'];
}

const STEPS = 60;

/** Draws a species. Example: `fishDrawing('pike').finsBehind` has the dorsal fin far back. */
export function fishDrawing(species: SpeciesId | null): FishDrawing {
  const build = bodyShapeOf(species);
  const along = Array.from({ length: STEPS + 1 }, (_, i) => i / STEPS);
  const back = along.map((u) => ({ u, v: -heightAt(build.back, u) }));
  const belly = along.toReversed().map((u) => ({ u, v: heightAt(build.belly, u) }));
  const { u: gillU, bulge } = build.gill;
  const gill = Array.from({ length: 13 }, (_, i) => {
    const t = i / 12;
    const half = -heightAt(build.back, gillU) * 0.72 * (1 - t) + heightAt(build.belly, gillU) * 0.9 * t;
    return { u: gillU - bulge * (2 * t - 1) ** 2, v: half };
  });
  const outlines = (over: boolean) =>
    build.fins.filter((fin) => fin.over === over).map(({ outline }) => rounded(outline));
  return {
    back,
    belly,
    finsBehind: outlines(false),
    finsOver: outlines(true),
    eye: build.eye,
    gill,
    mouth: build.mouth,
    barbels: build.barbels,
  };
}

/** Rounds an outline by cutting its corners twice (Chaikin 1974). */
function rounded(points: readonly BodyPoint[]): BodyPoint[] {
  const cut = (all: readonly BodyPoint[]) =>
    all.flatMap((a, i) => {
      const b = all[(i + 1) % all.length] ?? a;
      const mix = (t: number) => ({ u: a.u + (b.u - a.u) * t, v: a.v + (b.v - a.v) * t });
      return [mix(0.25), mix(0.75)];
    });
  return cut(cut(points));
}
