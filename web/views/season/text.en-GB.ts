import { list } from '@keeper/core/text/en-GB/list';
import { plural } from '@keeper/core/text/en-GB/plural';
import { localised } from '../../text/localised.js';

/** Words of the screen “season”, in British English. */
export const seasonText = localised('season', {
  theSeason: ({ year }: { year: string }) => `The season of ${year}`,
  print: 'Print, or save as PDF',
  reading: 'Turning the pages…',
  notHere: 'The server cannot be reached, so the year cannot be read here.',
  nothingIn: ({ year }: { year: string }) => `Nothing stands in the book of ${year}.`,
  inAll: ({
    fish,
    lost,
    outings,
    hours,
    blanks,
  }: {
    fish: number;
    lost: number;
    outings: number;
    hours: number;
    blanks: number;
  }) =>
    `${list([
      `${fish} fish`,
      ...(lost > 0 ? [`${lost} lost on the way in`] : []),
      ...(outings > 0 ? [`${outings} ${plural(outings, { one: 'outing', other: 'outings' })}`] : []),
      ...(blanks > 0 ? [`${blanks} of them ${plural(blanks, { one: 'a blank', other: 'blanks' })}`] : []),
    ])}.${hours > 0 ? ` Rods were out for ${hours} ${plural(hours, { one: 'hour', other: 'hours' })}.` : ''}`,
  bests: 'The best of each kind',
  bestOf: ({ kind, weight, when, water }: { kind: string; weight: string; when: string; water: string | null }) =>
    `${kind}, ${weight}: ${when}${water === null ? '' : `, ${water}`}.`,
  faces: 'Faces of the year',
  learned: 'What was written down',
  everyFish: 'Every fish',
  of: ({ when, water }: { when: string; water: string | null }) => (water === null ? when : `${when}, ${water}`),
});
