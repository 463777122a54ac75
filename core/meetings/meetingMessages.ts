import type { MeetingMeasure } from '../domain/meeting/meeting.js';
import type { LengthOf } from '../domain/fish/bodyLength.js';
import { messagesOf, type None } from '../measure/message.js';

/** Why a fish does not count, and what is looked at in its picture. */
export interface MeetingMessages {
  anotherAngler: None;
  otherKind: None;
  otherWater: None;
  didNotLeave: None;
  notMeasured: { by: MeetingMeasure };
  tailOtherwise: { lengthOf: LengthOf };
  tooSmall: { least: number; by: MeetingMeasure; lengthHabit: 'in' | 'cm'; pounds: boolean };
  sentLate: { hours: number };
  sameFish: None;
  checkIdentifier: { identifier: string };
  checkMouthShut: None;
  checkTailOnMark: { lengthOf: LengthOf | null };
  checkGillCover: None;
  checkNoseLight: None;
  checkSameWay: None;
}

export const meetingMessage = messagesOf<MeetingMessages>('meeting');
