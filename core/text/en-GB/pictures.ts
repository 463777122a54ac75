import type { Season } from '../../pictures/sharedDate.js';
import type { PicturesMessages } from '../../pictures/pictureMessages.js';
import type { Texts } from '../texts.js';

const SEASON_NAMES: Readonly<Record<Season, string>> = {
  winter: 'Winter',
  spring: 'Spring',
  summer: 'Summer',
  autumn: 'Autumn',
};

export const picturesTexts: Texts<PicturesMessages> = {
  sharedDay: ({ atMs }, _say, dates) => dates.day(atMs),
  sharedMonth: ({ atMs }, _say, dates) => dates.month(atMs),
  sharedSeason: ({ season, year, turns }) => `${SEASON_NAMES[season]} ${turns ? `${year}/${(year + 1) % 100}` : year}`,
  sharp: 'Sharp enough to count scales.',
  blurred: 'Blurred: the pattern runs together.',
  blurredNextTime: 'Elbow on the knee, tap the eye of the fish to focus, and take three.',
  whole: 'The whole fish is in the picture.',
  cutOff: 'A part of the fish is cut off.',
  cutOffNextTime: 'Half a step back: nose and both tips of the tail in the frame.',
  brightEnough: 'Bright enough.',
  tooDark: 'Too dark: the back runs into one tone.',
  tooDarkNextTime: 'Turn the fish to the light, or tap on the flank so that the camera opens up.',
  notBurntOut: 'Not burnt out.',
  tooBright: 'Too bright: the pale parts are burnt out.',
  tooBrightNextTime: 'Tap on the flank, or turn so that the sun comes from the side.',
  noGlare: 'No glare that hides the pattern.',
  glare: ({ glare }) => `Wet glare hides about ${Math.round(glare * 100)} % of the flank.`,
  glareNextTime: 'Tilt the fish a little away from the light, or stand so that the sun is behind your shoulder.',
  noHand: 'Hands are out of the way.',
  handOnGill: 'A hand covers the gill cover.',
  handOnFlank: 'A hand covers the pattern.',
  handNextTime: 'Both hands under the belly: behind the pectoral fin, and at the anal fin.',
  noShadow: 'No shadow across the nose.',
  shadow: 'The edge of a shadow falls across the nose.',
  shadowNextTime: 'Move your own shadow off the fish: a quarter turn is enough.',
  backdropClean: 'The background is clean.',
  backdropBusy: 'The background is busy.',
  backdropNextTime: 'Lower, with water or grass behind.',
  level: 'The picture is level.',
  leans: ({ horizonRad }) => `The picture leans ${Math.round((Math.abs(horizonRad) * 180) / Math.PI)} degrees.`,
  leansNextTime: 'Straighten it on the bench: it costs nothing.',
  tapeAgrees: 'The picture agrees with what was written down.',
  tapeNextMark: ({ mm }) =>
    `The next mark was read: the difference is just ${mm === 25.4 ? 'an inch' : `${mm / 10} cm`}.`,
  tapeTipAndFork: 'The tip of the tail was measured, and the fork tapped in the picture.',
  tapeTailPinched: 'The tail was pinched on the board, and lies open in the picture.',
  tapeMouthOpen: 'The mouth is open in the picture, and was shut on the board.',
  tapeNearer: 'The fish lies nearer to the camera than the ruled line, which makes it look longer.',
  tapeCentimetres: 'The board is in centimetres, and was read as inches.',
  tapeInches: 'The board is in inches, and was read as centimetres.',
  tapeOtherFish: 'It may be the picture of another fish.',
  tapeDiffers: ({ differenceMm, longer }) =>
    `What was written down is ${Math.round(Math.abs(differenceMm) / 10)} cm ${longer ? 'more' : 'less'} than the picture shows.`,
  tapeCheckTaps: 'Check nose and tail: one of them may not touch the ruled line.',
  boardTooFewMarks: 'Tap three different marks of the board, or more, far apart.',
  boardMarksNoLine: 'The marks do not line up as on one board. Check which mark each one is.',
  boardMarkOff: ({ atMm, offMm }) =>
    `The mark at ${atMm} mm lies ${Math.round(offMm)} mm off its place. Is it that mark?`,
  boardNoFish: 'Tap nose and tail.',
  boardNoLength: 'Nose and tail are at the same place.',
  referenceTooShort: 'The object beside it is too short to measure by.',
};
