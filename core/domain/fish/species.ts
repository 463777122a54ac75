import type { Message } from '../../measure/message.js';
import { fishMessage } from './fishMessages.js';
/** The kinds of fish the book knows by name. */
export type SpeciesId =
  'carp' | 'pike' | 'barbel' | 'wels' | 'tench' | 'bream' | 'chub' | 'zander' | 'perch' | 'trout' | 'other';

/** How a carp is scaled; other species have no forms in the book. */
export type FormId = 'common' | 'mirror' | 'linear' | 'leather';

export interface Species {
  readonly id: SpeciesId;
  readonly name: Message;
  readonly latin: string;
  readonly forms: readonly FormId[];
  /** Teeth or rakers that cut: the grip and the tools differ. */
  readonly toothed: boolean;
}

/** Names after FishBase (Froese and Pauly, eds.), from memory. */
export const SPECIES: readonly Species[] = [
  {
    id: 'carp',
    name: fishMessage('speciesCarp'),
    latin: 'Cyprinus carpio',
    forms: ['common', 'mirror', 'linear', 'leather'],
    toothed: false,
  },
  { id: 'pike', name: fishMessage('speciesPike'), latin: 'Esox lucius', forms: [], toothed: true },
  { id: 'barbel', name: fishMessage('speciesBarbel'), latin: 'Barbus barbus', forms: [], toothed: false },
  { id: 'wels', name: fishMessage('speciesWels'), latin: 'Silurus glanis', forms: [], toothed: true },
  { id: 'tench', name: fishMessage('speciesTench'), latin: 'Tinca tinca', forms: [], toothed: false },
  { id: 'bream', name: fishMessage('speciesBream'), latin: 'Abramis brama', forms: [], toothed: false },
  { id: 'chub', name: fishMessage('speciesChub'), latin: 'Squalius cephalus', forms: [], toothed: false },
  { id: 'zander', name: fishMessage('speciesZander'), latin: 'Sander lucioperca', forms: [], toothed: true },
  { id: 'perch', name: fishMessage('speciesPerch'), latin: 'Perca fluviatilis', forms: [], toothed: false },
  { id: 'trout', name: fishMessage('speciesTrout'), latin: 'Salmo trutta', forms: [], toothed: true },
  { id: 'other', name: fishMessage('speciesOther'), latin: '', forms: [], toothed: false },
];

export const SPECIES_IDS: readonly SpeciesId[] = SPECIES.map((species) => species.id);
export const FORM_IDS: readonly FormId[] = ['common', 'mirror', 'linear', 'leather'];

/** What the book knows of a species. */
export function speciesOf(id: SpeciesId): (typeof SPECIES)[number] | undefined {
  return SPECIES.find((species) => species.id === id);
}

/**
 * What the keeper calls the fish. Examples: `Mirror carp`, `Pike`, `Species not noted`; `Grayling` for another kind of
 * that name.
 */
export function speciesName(id: SpeciesId | null | undefined, form?: FormId | null, kindName?: string | null): Message {
  if (id === 'other' && kindName) return fishMessage('speciesByOwnName', { name: kindName });
  const species = SPECIES.find((each) => each.id === id);
  if (!species) return fishMessage('speciesNotNoted');
  return form && species.forms.length > 0 ? fishMessage('speciesOfForm', { form, name: species.name }) : species.name;
}
