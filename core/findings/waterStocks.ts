import type { SpeciesId } from '../domain/fish/species.js';
import type { FishTaken, FishingRecord } from './fishingRecord.js';
import { openStockOf, yearsSeen, type YearStock } from './openStock.js';
import { stockOf, type StockFound, type ToldCatch } from './stock.js';
import { waterGrowthOf, type WaterGrowth } from './waterGrowth.js';

/** How many of a kind a water holds, as far as catches that were told apart say. */
export interface WaterStock {
  readonly waterId: string;
  readonly species: SpeciesId;
  readonly found: StockFound;
  /** Year by year, where some came and some went; null where years or recaptures are too few. */
  readonly byYear: readonly YearStock[] | null;
  readonly growth: WaterGrowth | null;
  /** Catches of which nobody has said which fish it was: they count for nothing. */
  readonly untold: number;
  /** Enough catches are told apart: with many that are not, those that were met once are missing. */
  readonly isTold: boolean;
}

/** Of the catches so many must be told apart (our choice): who is looked up is mostly one that was had before. */
export const LEAST_TOLD = 0.8;

/**
 * The stocks of a record, water by water and kind by kind, the most catches first; only those where a fish was met
 * again. Example: a book in which no fish was told apart has none.
 */
export function waterStocks({ fish }: Pick<FishingRecord, 'fish'>): readonly WaterStock[] {
  const groups = new Map<string, { waterId: string; species: SpeciesId; catches: ToldCatch[]; all: FishTaken[] }>();
  for (const each of fish) {
    const { waterId, species, fishId, atMs } = each;
    if (waterId === null || species === null || atMs === null) continue;
    const key = `${waterId} ${species}`;
    const group = groups.get(key) ?? { waterId, species, catches: [], all: [] };
    group.all.push(each);
    if (fishId !== null) group.catches.push({ fishId, day: new Date(atMs).toISOString().slice(0, 10) });
    groups.set(key, group);
  }
  return [...groups.values()]
    .map(({ waterId, species, catches, all }): WaterStock => {
      const isTold = catches.length >= LEAST_TOLD * all.length;
      return {
        waterId,
        species,
        found: stockOf(catches),
        byYear: openStockOf(yearsSeen(catches)),
        growth: waterGrowthOf(all),
        untold: all.length - catches.length,
        isTold,
      };
    })
    .filter(({ found }) => found.recaptures > 0)
    .sort((a, b) => b.found.catches - a.found.catches);
}
