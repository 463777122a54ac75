import type { HotCapturePractice } from '../domain/practice/hotCapturePractice.js';
import type { Message } from '../measure/message.js';
import { careMessage } from './careMessages.js';
/** One way of ending it, with what is for it and against it. */
export interface HotCaptureWay {
  readonly school: HotCapturePractice;
  readonly name: Message;
  readonly steps: readonly Message[];
  readonly speaksFor: Message;
  readonly speaksAgainst: Message;
}

/** Both ways. Common practice, no source: keepers disagree, and the fish that is not landed is never seen again. */
export const HOT_CAPTURE_WAYS: readonly HotCaptureWay[] = [
  {
    school: 'land',
    name: careMessage('hotLand'),
    steps: [careMessage('hotLandPressure'), careMessage('hotLandHook'), careMessage('hotLandHold')],
    speaksFor: careMessage('hotLandFor'),
    speaksAgainst: careMessage('hotLandAgainst'),
  },
  {
    school: 'break-off',
    name: careMessage('hotBreakOff'),
    steps: [careMessage('hotBreakOffPoint'), careMessage('hotBreakOffLink'), careMessage('hotBreakOffStop')],
    speaksFor: careMessage('hotBreakOffFor'),
    speaksAgainst: careMessage('hotBreakOffAgainst'),
  },
];

/** Both ways, the keeper's own school first. Example: `hotCaptureWays('land')[0].school === 'land'`. */
export function hotCaptureWays(school: HotCapturePractice): readonly HotCaptureWay[] {
  return [...HOT_CAPTURE_WAYS].sort((a, b) => Number(b.school === school) - Number(a.school === school));
}
