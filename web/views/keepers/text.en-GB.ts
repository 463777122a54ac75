import { localised } from '../../text/localised.js';

/** Words of those who keep one book, in British English. */
export const keepersText = localised('keepers', {
  whoKeeps: 'Who keeps this book',
  alone:
    'You keep it alone. Somebody else of the house can keep it with you: each has units, ways, bests and an eye of their own, and it is said whose fish it is.',
  yourName: 'Your own name',
  theirName: 'Their name',
  nameOfAnother: 'Somebody else',
  addThem: 'Add a keeper',
  saveNames: 'Save the names',
  nameOf: ({ name }: { name: string }) => `Name of ${name}`,
  archive: 'Archive',
  archiveWhom: ({ name }: { name: string }) => `Archive ${name}`,
  archiveMeans: 'Who is archived is chosen no more; their fish stay theirs.',
  whoIsFishing: 'Who is fishing',
  thisDeviceIsOf: ({ name }: { name: string }) => `This device is ${name}’s.`,
  whatGoesWithIt: 'A fish begun here is theirs; units, ways, light and bests are theirs too.',
});
