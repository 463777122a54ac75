import type { Language } from '../language.js';
import { bankTexts } from './bank.js';
import { biometryTexts } from './biometry.js';
import { calendarTexts } from './calendar.js';
import { placesTexts } from './places.js';
import { captureTexts } from './capture.js';
import { careTexts } from './care.js';
import { fishTexts } from './fish.js';
import { kitTexts } from './kit.js';
import { practiceTexts } from './practice.js';
import { picturesTexts } from './pictures.js';
import { rehearseTexts } from './rehearse.js';
import { runTexts } from './run.js';
import { meetingTexts } from './meeting.js';
import { measureTexts } from './measure.js';
import { registerTexts } from './register.js';
import { weatherTexts } from './weather.js';
import { waterTexts } from './water.js';
import { weighingTexts } from './weighing.js';

/** All that the rules say, in British English. */
export const enGB: Language = {
  bank: bankTexts,
  biometry: biometryTexts,
  calendar: calendarTexts,
  capture: captureTexts,
  care: careTexts,
  fish: fishTexts,
  kit: kitTexts,
  pictures: picturesTexts,
  practice: practiceTexts,
  rehearse: rehearseTexts,
  run: runTexts,
  measure: measureTexts,
  meeting: meetingTexts,
  places: placesTexts,
  register: registerTexts,
  water: waterTexts,
  weather: weatherTexts,
  weighing: weighingTexts,
};
