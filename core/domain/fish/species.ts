/** The kinds of fish the book knows by name. */
export type SpeciesId =
  'carp' | 'pike' | 'barbel' | 'wels' | 'tench' | 'bream' | 'chub' | 'zander' | 'perch' | 'trout' | 'other';

/** How a carp is scaled; other species have no forms in the book. */
export type FormId = 'common' | 'mirror' | 'linear' | 'leather';

export interface Species {
  readonly id: SpeciesId;
  readonly name: string;
  readonly latin: string;
  readonly forms: readonly FormId[];
  /** Teeth or rakers that cut: the grip and the tools differ. */
  readonly toothed: boolean;
}

/** Names after FishBase (Froese and Pauly, eds.), from memory. */
export const SPECIES: readonly Species[] = [
  {
    id: 'carp',
    name: 'Carp',
    latin: 'Cyprinus carpio',
    forms: ['common', 'mirror', 'linear', 'leather'],
    toothed: false,
  },
  { id: 'pike', name: 'Pike', latin: 'Esox lucius', forms: [], toothed: true },
  { id: 'barbel', name: 'Barbel', latin: 'Barbus barbus', forms: [], toothed: false },
  { id: 'wels', name: 'Wels catfish', latin: 'Silurus glanis', forms: [], toothed: true },
  { id: 'tench', name: 'Tench', latin: 'Tinca tinca', forms: [], toothed: false },
  { id: 'bream', name: 'Bream', latin: 'Abramis brama', forms: [], toothed: false },
  { id: 'chub', name: 'Chub', latin: 'Squalius cephalus', forms: [], toothed: false },
  { id: 'zander', name: 'Zander', latin: 'Sander lucioperca', forms: [], toothed: true },
  { id: 'perch', name: 'Perch', latin: 'Perca fluviatilis', forms: [], toothed: false },
  { id: 'trout', name: 'Trout', latin: 'Salmo trutta', forms: [], toothed: true },
  { id: 'other', name: 'Other species', latin: '', forms: [], toothed: false },
];

export const SPECIES_IDS: readonly SpeciesId[] = SPECIES.map((species) => species.id);
export const FORM_IDS: readonly FormId[] = ['common', 'mirror', 'linear', 'leather'];

/**
 * What the keeper calls the fish. Examples: `Mirror carp`, `Pike`, `Species not noted`; `Grayling` for another kind of
 * that name.
 */
/** What the book knows of a species. */
export function speciesOf(id: SpeciesId): (typeof SPECIES)[number] | undefined {
  return SPECIES.find((species) => species.id === id);
}

export function speciesName(id: SpeciesId | null | undefined, form?: FormId | null, kindName?: string | null): string {
  if (id === 'other' && kindName) return kindName;
  const species = SPECIES.find((each) => each.id === id);
  if (!species) return 'Species not noted';
  if (!form || species.forms.length === 0) return species.name;
  return `${form.charAt(0).toUpperCase()}${form.slice(1)} ${species.name.toLowerCase()}`;
}
