import type { MeetingSort } from '@keeper/core/domain/meeting/meeting';
import { plural } from '@keeper/core/text/en-GB/plural';
import { localised } from '../../text/localised.js';

const sorts: Readonly<Record<MeetingSort, string>> = {
  'club-day': 'Club day',
  league: 'League',
  charity: 'Charity round',
  'own-season': 'A season of my own',
};

/** Words of the screen “meetings”, in British English. */
export const meetingsText = localised('meetings', {
  sorts,
  meetings: 'Meetings',
  listsOfTheBest:
    'Club days, leagues, rounds for charity, and seasons of your own: the list of your best fills itself from the book.',
  addAMeeting: 'Add a meeting',
  noneYet: 'None yet.',
  itsName: 'Its name',
  sort: 'What sort of meeting',
  kindsThatCount: 'Kinds that count; none chosen: any',
  watersThatCount: 'Waters that count; none chosen: everywhere',
  from: 'From',
  to: 'To',
  by: 'By',
  byLength: 'length',
  byWeight: 'weight',
  bestSoMany: 'So many of the best count',
  leastSize: ({ unit }: { unit: string }) => `Least size, ${unit}`,
  upgradeAtLeast: ({ unit }: { unit: string }) => `An upgrade is larger by at least, ${unit}`,
  lengthReadTo: 'A length is read to',
  asEachIsUsed: 'as each is used to',
  tip: 'the tip, tail laid',
  pinched: 'the tip, tail pinched',
  fork: 'the fork',
  identifier: 'Identifier that must be in the picture',
  sentWithin: 'To be sent within, hours after the take',
  note: 'A note on its rules',
  saveThisMeeting: 'Save this meeting',
  itsRules: 'Its rules',
  changeTheRules: 'Change the rules',
  times: ({ from, to }: { from: string; to: string }) => `${from} to ${to}`,
  bestBy: ({ best, by }: { best: number; by: string }) => `Best ${best} by ${by}.`,
  total: 'Together',
  nothingCountsYet: 'Nothing counts yet.',
  nextMust: ({ value, more }: { value: string; more: boolean }) =>
    more ? `The next must be over ${value} to count.` : `The next must be ${value} to count.`,
  nextAny: ({ left }: { left: number }) =>
    plural(left, { one: 'One more fills the list.', other: `${left} more fill the list.` }),
  nextAnyOf: ({ left, least }: { left: number; least: string }) =>
    plural(left, { one: `One more of ${least} fills the list.`, other: `${left} more of ${least} fill the list.` }),
  whatWouldOne: ({ unit }: { unit: string }) => `What would one of so much be worth? ${unit}`,
  itWouldAdd: ({ worth }: { worth: string }) => `It would add ${worth}.`,
  itWouldAddNothing: 'It would add nothing.',
  counts: 'What counts',
  upgradeOf: ({ by }: { by: string }) => `an upgrade of ${by}`,
  smallerOnes: 'Smaller than those',
  ofOtherKinds: ({ count }: { count: number }) =>
    plural(count, { one: 'One of another kind', other: `${count} of other kinds` }),
  withoutSize: ({ count, by }: { count: number; by: 'length' | 'weight' }) =>
    plural(
      count,
      by === 'length'
        ? { one: 'One that was not measured', other: `${count} that were not measured` }
        : { one: 'One that was not weighed', other: `${count} that were not weighed` },
    ),
  notWithinTheRules: 'Not within the rules, and why',
  putItForward: 'Put it forward',
  wasPutForward: ({ at }: { at: string }) => `put forward ${at}`,
  bundleAgain: 'Its bundle',
  over: 'It is over.',
  notBegun: 'It has not begun.',
  rulesWithDoubt: 'This meeting asks for nothing: every fish of its time counts. Add its rules.',
  noPictureYet: 'It has no picture yet. Add the one that shows it on the board.',
  whichPicture: 'Which picture',
  lookClosely: 'Look closely',
  magnifierHelp: 'Move over the picture, or use the arrow keys: what lies there stands magnified beside it.',
  lookAtEach: 'Look at each, then tick it',
  seemsGood: 'seems so',
  seemsBad: 'does not seem so: look again',
  whatItDiscloses: 'What the bundle discloses',
  originalBytes: ({ name, megabytes }: { name: string; megabytes: string }) =>
    `The original picture, every byte as the camera wrote it: ${name}, ${megabytes} MB.`,
  cameraWrote: ({ when, camera }: { when: string; camera: string }) => `What the camera wrote in it: ${when}${camera}.`,
  byCamera: ({ camera }: { camera: string }) => `, ${camera}`,
  noTime: 'no time',
  placeIsIn: ({ place }: { place: string }) =>
    `The place is in it: ${place}. Whoever gets the bundle knows where you fish.`,
  noPlace: 'No place is in it.',
  theReading: ({ reading }: { reading: string }) => `The reading: ${reading}, and the time of the take.`,
  theHashes: 'A list of SHA-256 sums, so that anybody can check that nothing was changed.',
  iKnowWhat: 'I have read what it discloses',
  sentLateBecause: 'Sent late because',
  itIsLate: ({ hours }: { hours: number }) =>
    `This meeting wants it within ${hours} h of the take. Say why it comes later; the bundle says so too.`,
  tickThemFirst: 'Tick what is right. What is not ticked is not claimed in the bundle.',
  sameFishAgain: ({ when }: { when: string }) => `This is the fish that you put forward on ${when}. It counts once.`,
  mayBeTheSame: ({ when, percent }: { when: string; percent: number }) =>
    `It may be the fish of ${when} that you put forward (${percent} in 100). Look before you send it.`,
  comparing: 'Comparing it with those that were put forward…',
  noneOfThose: 'It is none of those that you put forward, as far as their flanks tell.',
  saveTheBundle: 'Save the bundle (ZIP)',
  sendTheBundle: 'Send it from here',
  waitsForSignal:
    'Kept on this device. The bundle can be saved now and sent from the first place with signal: its times say when it was taken.',
  bundleFailed: 'The bundle could not be made: the picture is not on this device, and the server does not answer.',
  inches: 'in',
  centimetres: 'cm',
  pounds: 'lb',
  kilograms: 'kg',
});
