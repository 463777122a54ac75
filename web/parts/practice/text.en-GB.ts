import type { PracticeName } from '@keeper/core/domain/practice/practicesAt';
import { localised } from '../../text/localised.js';

const titles: Readonly<Record<Exclude<PracticeName, 'airOwnS'>, string>> = {
  fight: 'The fight',
  gives: 'What gives first',
  unhook: 'The hook comes out',
  grip: 'A toothed fish is held',
  welsGrip: 'A wels is held',
  swallowed: 'A swallowed hook',
  lift: 'The lift',
  air: 'Out of the water, at one time',
  boardAt: 'The board lies',
  pictureAt: 'The picture',
  keep: 'Keeping it for a while',
  recover: 'Until it goes it is',
  weigh: 'Weighed',
  measure: 'Measured',
  picture: 'Pictured',
  weighMethod: 'How you weigh',
  lengthOf: 'A length is read to',
  stopSchool: 'When the water is too warm',
  hotCaptureSchool: 'A fish hooked in water that is too warm',
  barbSchool: 'Your hooks',
};

/** Words of the keeper's ways, in British English. */
export const practiceText = localised('practice', {
  ...titles,
  seconds: 'Seconds',
  fromTo: 'From 1 to 300.',
  yes: 'yes',
  no: 'no',
  zeroed: 'Zero with the wet sling on',
  grossMinusTare: 'Gross minus tare',
  tip: 'the tip, tail laid',
  pinched: 'the tip, tail pinched',
  fork: 'the fork',
  barbless: 'barbless',
  rolled: 'barbs rolled flat',
  micro: 'micro-barbed',
  asEverywhere: 'As everywhere',
  doneDifferently: 'Something you do differently here',
});
