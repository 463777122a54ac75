import { localised } from '../../text/localised.js';
import { plural } from '@keeper/core/text/en-GB/plural';

/** Words of the screen “today”, in British English. */
export const todayText = localised('today', {
  atTheWater: 'At the water',
  aFishIsOn: ({ startedAt }: { startedAt: string }) => `A fish is on since ${startedAt}. Go on.`,
  theLastFish: 'The last fish',
  theBookCannotBe:
    'The book cannot be reached from here. What you enter is kept on this device and goes into it later.',
  theBookIsEmpty:
    'The book is empty. It begins with the first take: tap “Fish on” and the clocks run; everything else can wait until the fish has gone back.',
  beginACapture: 'Begin a capture',
  youAreAt: ({ name }: { name: string }) => `You are at ${name}`,
  allIsReady: 'All is ready.',
  notReadyOpen: ({ gapsCount }: { gapsCount: number }) =>
    `Not ready: ${plural(gapsCount, { one: 'one thing that matters is', other: `${gapsCount} things that matter are` })} open.`,
  allIsReadyNot: ({ length }: { length: string }) => `. ${length}`,
  toTheBank: 'To the bank',
  youAreAt2: 'You are at',
  plannedFor: ({ fromMs }: { fromMs: string }) => `Planned for ${fromMs}`,
  planAnOuting: 'Plan an outing',
  localRulesAndYour: 'Local rules and your licence decide.',
  theStartAtWas: ({ startedAt }: { startedAt: string }) => `The start at ${startedAt} was taken back.`,
  itWasAFish: 'It was a fish: put it back',
  bestOfEachKind: 'Best of each kind',
  bestOfEach: 'Best of each',
  inTheAir: ({ airMs }: { airMs: string }) => `${airMs} in the air`,
  somebodyIsHurt: 'Somebody is hurt',
  noBackup: 'The nightly backup has not worked yet.',
  oldBackup: ({ at }: { at: string }) => `The last good backup is of ${at}.`,
  toTheBackups: 'To the backups',
});
