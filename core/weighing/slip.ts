/** The single slips that make a wrong entry of a right fish. */
export const SLIPS = [
  'sling-left-on',
  'sling-taken-twice',
  'dotted-ounces',
  'pounds-for-kilograms',
  'kilograms-for-pounds',
  'inches-for-centimetres',
  'centimetres-for-inches',
  'lost-point',
  'swapped-digits',
  'scale-held',
  'same-entry-twice',
  'wrong-species',
] as const;
export type SlipKind = (typeof SLIPS)[number];

/** How often each comes about among entries, before anything is looked at: common practice, no source. */
export const HOW_OFTEN: Readonly<Record<SlipKind, number>> = {
  'sling-left-on': 0.02,
  'sling-taken-twice': 0.008,
  'dotted-ounces': 0.01,
  'pounds-for-kilograms': 0.006,
  'kilograms-for-pounds': 0.006,
  'inches-for-centimetres': 0.006,
  'centimetres-for-inches': 0.006,
  'lost-point': 0.004,
  'swapped-digits': 0.004,
  'scale-held': 0.02,
  'same-entry-twice': 0.006,
  'wrong-species': 0.006,
};

export const SLIP_WORDS: Readonly<Record<SlipKind, string>> = {
  'sling-left-on': 'The sling was not taken off',
  'sling-taken-twice': 'The sling was taken off twice',
  'dotted-ounces': 'Pounds and ounces with a point, read as a decimal',
  'pounds-for-kilograms': 'Kilograms written as pounds',
  'kilograms-for-pounds': 'Pounds written as kilograms',
  'inches-for-centimetres': 'The length is in centimetres, written as inches',
  'centimetres-for-inches': 'The length is in inches, written as centimetres',
  'lost-point': 'A decimal point was lost',
  'swapped-digits': 'Two digits were swapped',
  'scale-held': 'The scale was held by hand, not hung',
  'same-entry-twice': 'The weight of the last fish was written again',
  'wrong-species': 'It is another species',
};
