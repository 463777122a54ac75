import { problemsIn } from '@keeper/contract/validation';
import { FINER_FILTERS, FinerFilterDto, type FinerFilter } from '@keeper/contract/finerFilter';
import { BOOK_ORDERS } from '@keeper/contract/orders';
import { SPECIES_IDS } from '@keeper/core/domain/fish/species';

/** What an address asks to be shown; what it asks for and is not known is everything. */
export function shownBy(search: URLSearchParams) {
  const order = BOOK_ORDERS.find((each) => each === search.get('order')) ?? 'newest';
  const species = SPECIES_IDS.find((each) => each === search.get('kind'));
  const year = /^\d{4}$/.test(search.get('year') ?? '') ? Number(search.get('year')) : undefined;
  return {
    species,
    year,
    waterId: search.get('water') ?? undefined,
    keeperId: search.get('whose') ?? undefined,
    q: search.get('q')?.trim() || undefined,
    order,
    asPictures: search.get('as') === 'pictures',
    finer: finerIn(search),
  };
}

/** What else is asked for, as far as it can be asked for. Example: a hook hold that nobody knows is left out. */
export function finerIn(search: URLSearchParams): FinerFilterDto {
  const asked = FINER_FILTERS.flatMap((name) => {
    const text = search.get(name)?.trim();
    return text ? [[name, text] as const] : [];
  });
  const bad = new Set(problemsIn(FinerFilterDto, Object.fromEntries(asked)).map(({ field }) => field));
  return Object.fromEntries(asked.filter(([name]) => !bad.has(name)));
}

/** How many things are asked for beyond what is always in sight. */
export function finerNames(filter: FinerFilterDto): FinerFilter[] {
  return FINER_FILTERS.filter((name) => filter[name] !== undefined);
}
