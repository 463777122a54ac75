import { formatSize } from '../../measure/keeperUnits.js';
import { formatMassIn } from '../../measure/formatMass.js';
import type { LengthOf } from '../../domain/fish/bodyLength.js';
import type { MeetingMessages } from '../../meetings/meetingMessages.js';
import type { Texts } from '../texts.js';

const TAILS: Readonly<Record<LengthOf, string>> = {
  tip: 'with the tail laid flat',
  pinched: 'with the tail pinched',
  fork: 'to the fork of the tail',
};

export const meetingTexts: Texts<MeetingMessages> = {
  anotherAngler: 'Another angler caught it.',
  otherKind: 'This species does not count.',
  otherWater: 'Not from a water that counts.',
  didNotLeave: 'It did not swim away.',
  notMeasured: ({ by }) => (by === 'length' ? 'Not measured.' : 'Not weighed.'),
  tailOtherwise: ({ lengthOf }) => `Measured another way: this meeting reads it ${TAILS[lengthOf]}.`,
  tooSmall: ({ least, by, lengthHabit, pounds }) =>
    by === 'length'
      ? `Under ${formatSize(least, lengthHabit)}.`
      : `Under ${formatMassIn({ unit: 'g', count: Math.round(least) }, pounds ? 'lb-oz' : 'kg')}.`,
  sentLate: ({ hours }) => `Sent over ${hours} h after the take, with no reason given.`,
  sameFish: 'A fish counts once, with its best.',
  checkIdentifier: ({ identifier }) => `${identifier} is in the picture and can be read`,
  checkMouthShut: 'Nose at the stop, mouth shut',
  checkTailOnMark: ({ lengthOf }) => `The tail lies on its mark${lengthOf === null ? '' : `, ${TAILS[lengthOf]}`}`,
  checkGillCover: 'No hand on the gill cover',
  checkNoseLight: 'No shadow across the nose',
  checkSameWay: 'The same way round as the others',
};
