import { localised } from '../../text/localised.js';
import { plural } from '@keeper/core/text/en-GB/plural';

/** Words of the screen “book”, in British English. */
export const bookText = localised('book', {
  fromMemory: 'Add a past fish',
  aSheet: 'Take in a sheet',
  meetings: 'Meetings',
  find: 'Find in the book',
  findExample: 'linear boathouse autumn 2024 over 20 lb boilie',
  newestFirst: 'Newest first',
  oldestFirst: 'Oldest first',
  heaviestFirst: 'Heaviest first',
  theBook: 'The book',
  fishLostOnThe: ({ lost, lost2 }: { lost: number; lost2: number }) =>
    `${lost} fish, ${lost2 === 0 ? 'none' : lost2} lost on the way in.`,
  shown: ({ total }: { total: string }) => ` Shown: ${total}.`,
  whatIsShown: 'What is shown',
  species: 'Species',
  everySpecies: 'Every species',
  water: 'Water',
  whose: 'Whose fish',
  everybodys: 'Everybody’s fish',
  mine: 'Mine',
  everyWater: 'Every water',
  order: 'Order',
  fromYear: 'From year',
  fromTheFirstYear: 'From the first year',
  fromTheLatestYear: 'From the latest year',
  theBookAs: 'The book as',
  lines: 'Lines',
  pictures: 'Pictures',
  theServerCannotBe:
    'The server cannot be reached, so the book cannot be opened here. What you enter is kept on this device.',
  noFishOfThat: ({ isFiltered, emptyBook }: { isFiltered: boolean; emptyBook: string }) =>
    isFiltered ? 'No fish of that kind from there yet.' : emptyBook,
  noPictureOfThat: ({ isFiltered }: { isFiltered: boolean }) =>
    isFiltered ? 'No picture of that kind from there yet.' : 'There are no pictures in the book yet.',
  nextPage: 'Next page',
  theBookIsEmpty: 'The book is empty. It begins with the first take: “Fish on” under Today.',
  oneOfThem: 'one of them',
  ofThem: ({ count }: { count: number }) => `${count} of them`,
  picturesOfTheBook: 'Pictures of the book',
  notWeighed: 'not weighed',
  dropped: ({ runsDropped }: { runsDropped: number }) =>
    `, ${runsDropped} ${plural(runsDropped, { one: 'run', other: 'runs' })} dropped`,
  blank: 'blank',
  aBlankHours: ({ hours, runs }: { hours: number; runs: string }) => `A blank, ${hours} hours${runs}`,
});
