/** What two lengths of one fish have to say to each other. */
export interface LengthMatch {
  readonly agrees: boolean;
  readonly says: string;
  /** The likeliest reasons, the likeliest first; none where they agree. */
  readonly reasons: readonly string[];
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
    return { agrees: true, says: 'The picture agrees with what was written down.', reasons: [] };
  }
  const longer = differenceMm > 0;
  const near = (mm: number) => Math.abs(Math.abs(differenceMm) - mm) <= give;
  const reasons = [
    ...[10, 25.4, 50, 100]
      .filter(near)
      .map((mm) => `The next mark was read: the difference is just ${mm === 25.4 ? 'an inch' : `${mm / 10} cm`}.`),
    ...(longer && share > 0.045 && share < 0.13
      ? ['The tip of the tail was measured, and the fork tapped in the picture.']
      : []),
    ...(longer && share <= 0.045 ? ['The tail was pinched on the board, and lies open in the picture.'] : []),
    ...(!longer && share > -0.03 ? ['The mouth is open in the picture, and was shut on the board.'] : []),
    ...(!longer && share > -0.06
      ? ['The fish lies nearer to the camera than the ruled line, which makes it look longer.']
      : []),
    ...(Math.abs(pictured.lengthMm / tapeMm / 2.54 - 1) < 0.06
      ? ['The board is in centimetres, and was read as inches.']
      : []),
    ...(Math.abs((pictured.lengthMm / tapeMm) * 2.54 - 1) < 0.06
      ? ['The board is in inches, and was read as centimetres.']
      : []),
    ...(Math.abs(share) > 0.13 ? ['It may be the picture of another fish.'] : []),
  ];
  return {
    agrees: false,
    says: `What was written down is ${Math.round(Math.abs(differenceMm) / 10)} cm ${longer ? 'more' : 'less'} than the picture shows.`,
    reasons: reasons.length > 0 ? reasons : ['Check nose and tail: one of them may not touch the ruled line.'],
  };
}
