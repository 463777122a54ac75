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
    'Club days, leagues, charity rounds and your own seasons. The list of your best fills itself from the book.',
  addAMeeting: 'Add a meeting',
  noneYet: 'None yet.',
  itsName: 'Name',
  sort: 'Type of meeting',
  speciesThatCount: 'Species that count (none chosen: any)',
  watersThatCount: 'Waters that count (none chosen: any)',
  from: 'From',
  to: 'To',
  by: 'By',
  byLength: 'length',
  byWeight: 'weight',
  bestSoMany: 'How many fish count',
  leastSize: ({ unit }: { unit: string }) => `Minimum size, ${unit}`,
  upgradeAtLeast: ({ unit }: { unit: string }) => `An upgrade beats the old fish by at least, ${unit}`,
  lengthReadTo: 'Length is read to',
  asEachIsUsed: 'no rule',
  tip: 'the tip, tail laid',
  pinched: 'the tip, tail pinched',
  fork: 'the fork',
  identifier: 'Identifier in the picture',
  sentWithin: 'Deadline, hours after the take',
  note: 'Note',
  saveThisMeeting: 'Save this meeting',
  itsRules: 'Rules',
  leastIs: ({ size }: { size: string }) => `Minimum size ${size}.`,
  upgradeBy: ({ size }: { size: string }) => `An upgrade beats the old fish by at least ${size}.`,
  lengthTo: ({ to }: { to: string }) => `Length is read to ${to}.`,
  identifierIs: ({ identifier }: { identifier: string }) => `In the picture: ${identifier}.`,
  sentWithinH: ({ hours }: { hours: number }) =>
    plural(hours, { one: 'Sent within an hour of the take.', other: `Sent within ${hours} hours of the take.` }),
  changeTheRules: 'Change the rules',
  times: ({ from, to }: { from: string; to: string }) => `${from} to ${to}`,
  onOneDay: ({ day, from, to }: { day: string; from: string; to: string }) => `${day}, ${from} to ${to}`,
  bestBy: ({ best, by }: { best: number; by: string }) => `Best ${best} by ${by}.`,
  total: 'Total',
  nothingCountsYet: 'Nothing counts yet.',
  nonePutForward: 'Nothing put forward yet.',
  ofThatPutForward: ({ size }: { size: string }) => `${size} of it put forward.`,
  toBePutForward: 'Not put forward yet.',
  toBePutForwardBy: ({ until }: { until: string }) => `To be put forward by ${until}.`,
  nextMust: ({ value, more }: { value: string; more: boolean }) =>
    more ? `The next must be over ${value} to count.` : `The next must be ${value} to count.`,
  nextAny: ({ left }: { left: number }) =>
    plural(left, { one: 'One more fills the list.', other: `${left} more fill the list.` }),
  nextAnyOf: ({ left, least }: { left: number; least: string }) =>
    plural(left, { one: `One more of ${least} fills the list.`, other: `${left} more of ${least} fill the list.` }),
  whatWouldOne: ({ unit }: { unit: string }) => `What would a fish add? Its size, ${unit}`,
  itWouldAdd: ({ worth }: { worth: string }) => `It would add ${worth}.`,
  itWouldAddNothing: 'It would add nothing.',
  counts: 'What counts',
  upgradeOf: ({ by }: { by: string }) => `an upgrade of ${by}`,
  smallerOnes: 'Smaller fish',
  ofOtherKinds: ({ count }: { count: number }) =>
    plural(count, { one: '1 of another species', other: `${count} of other species` }),
  withoutSize: ({ count, by }: { count: number; by: 'length' | 'weight' }) =>
    plural(
      count,
      by === 'length'
        ? { one: '1 not measured', other: `${count} not measured` }
        : { one: '1 not weighed', other: `${count} not weighed` },
    ),
  notWithinTheRules: 'Outside the rules',
  putItForward: 'Put it forward',
  wasPutForward: ({ at }: { at: string }) => `put forward ${at}`,
  bundleAgain: 'Bundle',
  over: 'It is over.',
  notBegun: 'It has not begun.',
  rulesWithDoubt: 'No rules yet: every fish between these times counts.',
  noPictureYet: 'No picture yet. Add the one of the fish on the board.',
  whichPicture: 'Picture',
  lookClosely: 'Look closely',
  magnifierHelp: 'Move over the picture, or use the arrow keys, to magnify.',
  lookAtEach: 'Check each, then tick it',
  seemsGood: 'looks right',
  seemsBad: 'looks wrong: check again',
  whatItDiscloses: 'What the bundle discloses',
  originalBytes: ({ name, size }: { name: string; size: string }) =>
    `The original picture, unchanged: ${name}, ${size}.`,
  cameraWrote: ({ when, camera }: { when: string; camera: string }) => `What the camera recorded: ${when}${camera}.`,
  byCamera: ({ camera }: { camera: string }) => `, ${camera}`,
  noTime: 'no time',
  placeIsIn: ({ place }: { place: string }) => `The location: ${place}. Whoever gets the bundle knows where you fish.`,
  noPlace: 'No location.',
  theReading: ({ reading }: { reading: string }) => `Your reading, ${reading}, and the time of the take.`,
  theHashes: 'SHA-256 checksums, so anyone can check that nothing was changed.',
  iKnowWhat: 'I am happy to send that',
  sentLateBecause: 'Sent late because',
  itIsLate: ({ hours }: { hours: number }) =>
    `The deadline was ${hours} h after the take. Say why it is late; the bundle says so too.`,
  tickThemFirst: 'What you do not tick is not claimed in the bundle.',
  sameFishAgain: ({ when }: { when: string }) => `You put this fish forward on ${when}. It counts once.`,
  mayBeTheSame: ({ when, percent }: { when: string; percent: number }) =>
    `This may be the fish you put forward on ${when} (${percent} %). Check before you send it.`,
  comparing: 'Comparing it with the fish you put forward…',
  noneOfThose: 'By its flank, it is none of the fish you put forward.',
  saveTheBundle: 'Save the bundle (ZIP)',
  sendTheBundle: 'Send the bundle',
  waitsForSignal:
    'Kept on this device. Save the bundle now and send it when you have signal: its times show when the fish was taken.',
  bundleFailed: 'The bundle could not be made: the picture is not on this device and the server does not answer.',
  inches: 'in',
  centimetres: 'cm',
  pounds: 'lb',
  kilograms: 'kg',
});
