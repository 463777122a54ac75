import { localised } from '../../text/localised.js';

/** Words of the screen “past”, in British English. */
export const pastText = localised('past', {
  title: 'From memory or a notebook',
  how: 'As much as you know. Enter keeps the fish and opens the next one with the same date, water and species.',
  date: 'Date',
  dateHint: '14 June 2019, June 2019, summer 2019, 2019/20 or 2019',
  water: 'Water',
  species: 'Species',
  whichSpecies: 'Which species',
  weight: 'Weight',
  weightExample: '23 lb 11 oz',
  length: 'Length',
  rig: 'Rig',
  bait: 'Bait',
  note: 'Note',
  pictures: 'Pictures',
  keepIt: 'Keep it',
  kept: 'Kept just now',
  nothingSaid: 'Say at least what it was, what it weighed or how long it was.',
  notAPicture: ({ name }: { name: string }) => `${name} is not a picture. The fish is kept without it.`,
  noRoom: ({ name }: { name: string }) => `There is no room for ${name} on this device. The fish is kept without it.`,
  strikeOut: 'Take it back',
});
