import { list } from '@keeper/core/text/en-GB/list';
import { plural } from '@keeper/core/text/en-GB/plural';
import type { Factor } from '@keeper/core/findings/factors';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { localised } from '../../text/localised.js';

/** The middle one of the year’s fish. */
const CLOCKS = {
  fight: 'From the take to the net',
  air: 'Out of the water in all',
  held: 'Held upright until it left',
} as const;

interface Count {
  readonly times: number;
  readonly of: number;
}

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
  handling: 'Handling, beside the year before',
  clock: ({ clock, span, before }: { clock: 'fight' | 'air' | 'held'; span: string; before: string | null }) =>
    `${CLOCKS[clock]}: ${span}${before === null ? '' : `, ${before} the year before`}.`,
  weakly: ({ times, of, before }: Count & { before: Count | null }) =>
    `Left weakly: ${times} of ${of}${before === null || before.of === 0 ? '' : `, ${before.times} of ${before.of} the year before`}.`,
  theBookSays: 'What the book has learned',
  nothingSure: 'Nothing is sure yet of when and where your fish come: the years so far do not carry it.',
  howKnown: 'How that is known',
  tryNext: 'What to try next',
  fishMore: ({ level }: { level: string }) => `More of ${level}.`,
  fishLess: ({ level }: { level: string }) => `Less of ${level}.`,
  changeRig: ({ name }: { name: string }) => `Another rig for ${name}: it fails oftener than the others.`,
  wouldTell: ({ factor, outings }: { factor: Factor; outings: number }) =>
    `About ${outings} more outings would tell whether ${findingsText.factor({ factor }).toLowerCase()} matters.`,
  of: ({ when, water }: { when: string; water: string | null }) => (water === null ? when : `${when}, ${water}`),
});
