/** What a column of a sheet can be. `note` may stand for many: their headings go with them. */
export const SHEET_FIELDS = [
  'date',
  'water',
  'swim',
  'species',
  'weight',
  'pounds',
  'ounces',
  'length',
  'girth',
  'rig',
  'bait',
  'method',
  'place',
  'note',
] as const;
export type SheetField = (typeof SHEET_FIELDS)[number];

/** A column, or nothing where it is left out. */
export type Mapping = readonly (SheetField | null)[];

const HEADINGS: readonly (readonly [SheetField, RegExp])[] = [
  ['date', /^(date|day|when|caught( on)?|date caught|datum|fecha)$/],
  ['water', /^(water|venue|lake|river|fishery|location|where)( name)?$/],
  ['swim', /^(swim|peg|stretch|pitch)( name| no| number)?$/],
  ['species', /^(species|fish|kind|type( of fish)?|sort)$/],
  ['pounds', /^(lbs?|pounds?|weight lbs?)$/],
  ['ounces', /^(ozs?|ounces?|weight ozs?)$/],
  ['weight', /^(weight|wt|weighed|net( weight)?|mass|size)$/],
  ['length', /^(length|len|fork length|total length)$/],
  ['girth', /^girth$/],
  ['rig', /^(rig|rigs|end tackle)$/],
  ['bait', /^(bait|baits|hook ?bait|lure|fly)$/],
  ['method', /^(method|tactic|style|how)$/],
  ['place', /^(spot|place|mark|where it lay|cast to)$/],
  ['note', /^(notes?|remarks?|comments?|story|memo)$/],
];

/** What a column is by its heading; null where that says nothing. Example: `Weight (kg)` is `weight`. */
export function fieldOfHeading(heading: string): SheetField | null {
  const [bare, whole] = [tidyHeading(heading), tidyHeading(heading.replaceAll(/[()[\]]/g, ' '))];
  // Pounds and ounces in two columns name the weight and its unit: with it they are more than the bare word.
  return (
    HEADINGS.find(([field, words]) => (field === 'pounds' || field === 'ounces') && words.test(whole))?.[0] ??
    HEADINGS.find(([, words]) => words.test(bare))?.[0] ??
    null
  );
}

function tidyHeading(heading: string): string {
  return heading
    .toLowerCase()
    .replace(/[([].*?[)\]]/g, ' ')
    .replace(/[_./:*"-]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

export type SheetUnit = 'lb-oz' | 'lb' | 'oz' | 'kg' | 'g' | 'in' | 'cm' | 'mm';

const UNITS: readonly (readonly [SheetUnit, RegExp])[] = [
  ['lb-oz', /\b(lbs?|pounds?)\b.*\b(ozs?|ounces?)\b/],
  ['lb', /\b(lbs?|pounds?)\b/],
  ['oz', /\b(ozs?|ounces?)\b/],
  ['kg', /\b(kgs?|kilos?|kilograms?)\b/],
  ['g', /\b(g|grams?)\b/],
  ['in', /(\b(in|ins|inch|inches)\b|")/],
  ['cm', /\bcms?\b/],
  ['mm', /\bmm\b/],
];

/** The unit that a heading names. Example: `Length, cm`. */
export function unitOfHeading(heading: string): SheetUnit | null {
  const words = heading.toLowerCase().replaceAll('_', ' ');
  return UNITS.find(([, unit]) => unit.test(words))?.[0] ?? null;
}
