import type { FormId, SpeciesId } from '@keeper/core/domain/fish/species';
import { createRng, type Rng } from '@keeper/core/statistics/rng';

/** One individual of the demo world: what it is, how large it was, and how it grows. */
export interface DemoFish {
  readonly name: string;
  readonly species: SpeciesId;
  readonly form: FormId | undefined;
  readonly waterId: string;
  /** Length at the first spring of the book, and what it gains a year. */
  readonly lengthMm: number;
  readonly growthMm: number;
  /** How heavy it is for its length: 1 is usual. */
  readonly build: number;
}

/** Invented for the demo: weight in grams is `a` times the cube of the length in cm. */
const HEAVINESS: Partial<Record<SpeciesId, number>> = { carp: 0.0172, pike: 0.0072, barbel: 0.0094, wels: 0.0068 };

/** A fish's weight on a day: grown, and heavier before spawning and in autumn than after spawning. */
export function weightGrams(fish: DemoFish, years: number): number {
  const cm = lengthOn(fish, years) / 10;
  const season = years % 1;
  const swing = 1 + 0.045 * Math.cos(2 * Math.PI * (season - 0.28)) + 0.03 * Math.cos(4 * Math.PI * (season - 0.8));
  return (HEAVINESS[fish.species] ?? 0.01) * cm ** 3 * fish.build * swing;
}

export function lengthOn(fish: DemoFish, years: number): number {
  return fish.lengthMm + fish.growthMm * years;
}

interface Stock {
  readonly species: SpeciesId;
  readonly forms: readonly (FormId | undefined)[];
  readonly count: number;
  readonly lengthMm: readonly [number, number];
  readonly growthMm: readonly [number, number];
}

/** The fish of one water, always the same for the same seed. */
export function stockWater(waterId: string, seed: string, stocks: readonly Stock[]): DemoFish[] {
  return stocks.flatMap((stock) =>
    Array.from({ length: stock.count }, (_, i) => oneFish(waterId, `${seed} ${stock.species} ${i}`, stock)),
  );
}

function oneFish(waterId: string, name: string, stock: Stock): DemoFish {
  const luck: Rng = createRng(name);
  return {
    name,
    waterId,
    species: stock.species,
    form: luck.pick(stock.forms),
    lengthMm: luck.between(...stock.lengthMm),
    growthMm: luck.between(...stock.growthMm),
    build: 1 + 0.05 * luck.normal(),
  };
}
