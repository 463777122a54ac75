import type { Message } from '../measure/message.js';
import { picturesMessage } from './pictureMessages.js';
/** What two lengths of one fish have to say to each other. */
export interface LengthMatch {
  readonly agrees: boolean;
  readonly says: Message;
  /** The likeliest reasons, the likeliest first; none where they agree. */
  readonly reasons: readonly Message[];
}

interface Pictured {
  readonly lengthMm: number;
  readonly uMm: number;
}

/**
 * Half a mark of the board and how a tail is laid: what a tape itself is off by, as a standard uncertainty (common
 * practice, no source).
 */
const TAPE_U_MM = 4;

/**
 * Holds the length in the picture against the one that was written down. They agree within twice their common
 * uncertainty; where they do not, what would make that difference is named. Shares are common practice, no source: an
 * open mouth adds one or two in a hundred, a pinched tail two to four, fork against tip six to eleven. Example: 640 mm
 * against 690 mm written: the tip of the tail was measured, the fork was tapped.
 */
export function tapeAgainstPicture(pictured: Pictured, tapeMm: number, markMm: number): LengthMatch {
  const differenceMm = tapeMm - pictured.lengthMm;
  const share = differenceMm / pictured.lengthMm;
  const give = 2 * Math.hypot(pictured.uMm, TAPE_U_MM, markMm / Math.sqrt(12));
  if (Math.abs(differenceMm) <= give) {
    return { agrees: true, says: picturesMessage('tapeAgrees'), reasons: [] };
  }
  const longer = differenceMm > 0;
  const near = (mm: number) => Math.abs(Math.abs(differenceMm) - mm) <= give;
  const reasons = [
    ...[10, 25.4, 50, 100].filter(near).map((mm) => picturesMessage('tapeNextMark', { mm })),
    ...(longer && share > 0.045 && share < 0.13 ? [picturesMessage('tapeTipAndFork')] : []),
    ...(longer && share <= 0.045 ? [picturesMessage('tapeTailPinched')] : []),
    ...(!longer && share > -0.03 ? [picturesMessage('tapeMouthOpen')] : []),
    ...(!longer && share > -0.06 ? [picturesMessage('tapeNearer')] : []),
    ...(Math.abs(pictured.lengthMm / tapeMm / 2.54 - 1) < 0.06 ? [picturesMessage('tapeCentimetres')] : []),
    ...(Math.abs((pictured.lengthMm / tapeMm) * 2.54 - 1) < 0.06 ? [picturesMessage('tapeInches')] : []),
    ...(Math.abs(share) > 0.13 ? [picturesMessage('tapeOtherFish')] : []),
  ];
  return {
    agrees: false,
    says: picturesMessage('tapeDiffers', { differenceMm, longer }),
    reasons: reasons.length > 0 ? reasons : [picturesMessage('tapeCheckTaps')],
  };
}
