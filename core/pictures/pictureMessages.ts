import type { Season } from './sharedDate.js';
import { messagesOf, type None } from '../measure/message.js';

/** What is said of a picture and of a length taken from it. */
export interface PicturesMessages {
  sharedDay: { atMs: number };
  sharedMonth: { atMs: number };
  sharedSeason: { season: Season; year: number; turns: boolean };
  sharp: None;
  blurred: None;
  blurredNextTime: None;
  whole: None;
  cutOff: None;
  cutOffNextTime: None;
  brightEnough: None;
  tooDark: None;
  tooDarkNextTime: None;
  notBurntOut: None;
  tooBright: None;
  tooBrightNextTime: None;
  noGlare: None;
  glare: { glare: number };
  glareNextTime: None;
  noHand: None;
  handOnGill: None;
  handOnFlank: None;
  handNextTime: None;
  noShadow: None;
  shadow: None;
  shadowNextTime: None;
  backdropClean: None;
  backdropBusy: None;
  backdropNextTime: None;
  level: None;
  leans: { horizonRad: number };
  leansNextTime: None;
  tapeAgrees: None;
  tapeNextMark: { mm: number };
  tapeTipAndFork: None;
  tapeTailPinched: None;
  tapeMouthOpen: None;
  tapeNearer: None;
  tapeCentimetres: None;
  tapeInches: None;
  tapeOtherFish: None;
  tapeDiffers: { differenceMm: number; longer: boolean };
  tapeCheckTaps: None;
  boardTooFewMarks: None;
  boardMarksNoLine: None;
  boardMarkOff: { atMm: number; offMm: number };
  boardNoFish: None;
  boardNoLength: None;
  referenceTooShort: None;
}

export const picturesMessage = messagesOf<PicturesMessages>('pictures');
