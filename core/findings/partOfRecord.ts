import type { SpeciesId } from '../domain/fish/species.js';
import type { FishingRecord } from './fishingRecord.js';

/** Which part of the record is asked; what is not given is not asked about. */
export interface RecordFilter {
  readonly waterId?: string;
  readonly species?: SpeciesId;
  readonly year?: number;
}

/**
 * The part of a record that findings are asked of. An outing counts for a kind when it was expected, when nothing was
 * said of what was, or when it took: a day for pike is no blank for carp. Example: without a filter it is all of it.
 */
export function partOfRecord(record: FishingRecord, { waterId, species, year }: RecordFilter): FishingRecord {
  const fish = record.fish.filter((each) => species === undefined || each.species === species);
  const withIt = new Set(fish.map(({ outingId }) => outingId));
  const outings = record.outings.filter(
    (outing) =>
      (waterId === undefined || outing.waterId === waterId) &&
      (year === undefined || new Date(outing.fromMs).getUTCFullYear() === year) &&
      (species === undefined ||
        outing.expected.length === 0 ||
        outing.expected.includes(species) ||
        withIt.has(outing.outingId)),
  );
  const left = new Set(outings.map(({ outingId }) => outingId));
  const isOf = (each: (typeof fish)[number]) =>
    (waterId === undefined || each.waterId === waterId) &&
    (year === undefined || (each.atMs !== null && new Date(each.atMs).getUTCFullYear() === year));
  return {
    ...record,
    outings,
    fish: fish.filter((each) => (each.outingId !== null && left.has(each.outingId)) || isOf(each)),
  };
}
