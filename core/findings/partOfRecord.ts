import type { SpeciesId } from '../domain/fish/species.js';
import type { FishingRecord } from './fishingRecord.js';

/** Which part of the record is asked; what is not given is not asked about. */
export interface RecordFilter {
  readonly waterId?: string;
  readonly swimId?: string;
  readonly species?: SpeciesId;
  readonly year?: number;
  /** Whose fish. Whose rods were out is not told: rates are not asked by keeper. */
  readonly keeperId?: string;
}

/**
 * The part of a record that findings are asked of. An outing counts for a kind when it was expected, when nothing was
 * said of what was, or when it took: a day for pike is no blank for carp. Of one swim only the rods count that were
 * there. Example: without a filter it is all of it.
 */
export function partOfRecord(record: FishingRecord, filter: RecordFilter): FishingRecord {
  const { waterId, swimId, species, year, keeperId } = filter;
  const fish = record.fish.filter(
    (each) =>
      (species === undefined || each.species === species) &&
      (swimId === undefined || each.swimId === swimId) &&
      (keeperId === undefined || each.keeperId === keeperId),
  );
  const withIt = new Set(fish.map(({ outingId }) => outingId));
  const outings = record.outings
    .filter(
      (outing) =>
        (waterId === undefined || outing.waterId === waterId) &&
        (year === undefined || new Date(outing.fromMs).getUTCFullYear() === year) &&
        (species === undefined ||
          outing.expected.length === 0 ||
          outing.expected.includes(species) ||
          withIt.has(outing.outingId)),
    )
    .flatMap((outing) => {
      if (swimId === undefined) return [outing];
      const stretches = outing.stretches.filter((stretch) => stretch.swimId === swimId);
      return stretches.length === 0 ? [] : [{ ...outing, stretches }];
    });
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
