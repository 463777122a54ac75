import type { Message } from '../measure/message.js';
import type { Meeting } from '../domain/meeting/meeting.js';
import type { ProofCheck } from '../domain/meeting/putForward.js';
import type { PictureVerdict } from '../pictures/verdict.js';
import { meetingMessage } from './meetingMessages.js';

/** One thing to look at, and what the picture itself says of it; null: only eyes can tell. */
export interface ProofAsked {
  readonly check: ProofCheck;
  readonly asks: Message;
  readonly seems: 'good' | 'bad' | null;
}

/** What the picture was found to be, as far as a machine sees it. */
export interface ProofSeen {
  readonly verdicts: readonly Pick<PictureVerdict, 'check' | 'good'>[];
  /** Whether the head is to the left; null: no fish was found. */
  readonly headLeft: boolean | null;
  /** The same of those that were put forward before. */
  readonly othersHeadLeft: readonly boolean[];
}

/**
 * What is looked at in a picture before it is put forward, in the order of looking. Example: of a meeting with no
 * identifier none is asked for.
 */
export function proofChecks(meeting: Pick<Meeting, 'identifier' | 'lengthOf' | 'by'>, seen: ProofSeen): ProofAsked[] {
  const { identifier, lengthOf, by } = meeting;
  const of = (check: PictureVerdict['check']): ProofAsked['seems'] => {
    const found = seen.verdicts.find((verdict) => verdict.check === check);
    return found ? (found.good ? 'good' : 'bad') : null;
  };
  const board: ProofAsked[] =
    by === 'length'
      ? [
          { check: 'mouth-shut', asks: meetingMessage('checkMouthShut'), seems: null },
          { check: 'tail-on-mark', asks: meetingMessage('checkTailOnMark', { lengthOf }), seems: null },
        ]
      : [];
  return [
    ...(identifier
      ? [{ check: 'identifier' as const, asks: meetingMessage('checkIdentifier', { identifier }), seems: null }]
      : []),
    ...board,
    { check: 'gill-cover', asks: meetingMessage('checkGillCover'), seems: of('hand') },
    { check: 'nose-light', asks: meetingMessage('checkNoseLight'), seems: of('shadow') },
    { check: 'same-way', asks: meetingMessage('checkSameWay'), seems: sameWay(seen) },
  ];
}

function sameWay({ headLeft, othersHeadLeft }: ProofSeen): ProofAsked['seems'] {
  if (headLeft === null || othersHeadLeft.length === 0) return null;
  return othersHeadLeft.every((left) => left === headLeft) ? 'good' : 'bad';
}
