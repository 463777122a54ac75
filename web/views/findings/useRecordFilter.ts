import { useSearchParams } from 'react-router';
import { SPECIES_IDS, type SpeciesId } from '@keeper/core/domain/fish/species';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';

/** What may be asked for, under its name in the address. */
const NAMES = { waterId: 'water', swimId: 'swim', species: 'kind', year: 'year', keeperId: 'keeper' } as const;
export type FilterName = keyof typeof NAMES;

/** The filter of the address: it goes along from page to page, and can be kept as a bookmark. */
export function useRecordFilter() {
  const [params, setParams] = useSearchParams();
  const value = (name: FilterName) => params.get(NAMES[name]);
  const [waterId, swimId, species, year, keeperId] = [
    value('waterId'),
    value('swimId'),
    value('species'),
    Number(value('year')),
    value('keeperId'),
  ];
  const filter: RecordFilter = {
    ...(waterId !== null && { waterId }),
    ...(swimId !== null && { swimId }),
    ...(isSpecies(species) && { species }),
    ...(year > 0 && { year }),
    ...(keeperId !== null && { keeperId }),
  };
  const change = (name: FilterName, to: string | null) =>
    setParams(
      (before) => {
        const after = new URLSearchParams(before);
        if (to === null) after.delete(NAMES[name]);
        else after.set(NAMES[name], to);
        // A swim lies at one water.
        if (name === 'waterId') after.delete(NAMES.swimId);
        return after;
      },
      { replace: true },
    );
  return { filter, change, search: params.toString() };
}

function isSpecies(id: string | null): id is SpeciesId {
  return SPECIES_IDS.some((each) => each === id);
}
