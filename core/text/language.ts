import type { BankMessages } from '../bank/bankMessages.js';
import type { BiometryMessages } from '../biometry/biometryMessages.js';
import type { CalendarMessages } from '../formats/calendarMessages.js';
import type { PlacesMessages } from '../formats/placesMessages.js';
import type { CaptureMessages } from '../domain/capture/captureMessages.js';
import type { CareMessages } from '../care/careMessages.js';
import type { FishMessages } from '../domain/fish/fishMessages.js';
import type { KitMessages } from '../domain/kit/kitMessages.js';
import type { MeetingMessages } from '../meetings/meetingMessages.js';
import type { MeasureMessages } from '../measure/measureMessages.js';
import type { PracticeMessages } from '../domain/practice/practiceMessages.js';
import type { PicturesMessages } from '../pictures/pictureMessages.js';
import type { RegisterMessages } from '../formats/registerMessages.js';
import type { RehearseMessages } from '../rehearse/rehearseMessages.js';
import type { RunMessages } from '../care/run/runMessages.js';
import type { WaterMessages } from '../domain/water/waterMessages.js';
import type { WeatherMessages } from '../weather/weatherMessages.js';
import type { WeighingMessages } from '../weighing/weighingMessages.js';
import type { Texts } from './texts.js';

/** All that the rules say, in one language: a room or a key that is missing does not build. */
export interface Language {
  readonly bank: Texts<BankMessages>;
  readonly biometry: Texts<BiometryMessages>;
  readonly calendar: Texts<CalendarMessages>;
  readonly capture: Texts<CaptureMessages>;
  readonly care: Texts<CareMessages>;
  readonly fish: Texts<FishMessages>;
  readonly kit: Texts<KitMessages>;
  readonly meeting: Texts<MeetingMessages>;
  readonly measure: Texts<MeasureMessages>;
  readonly practice: Texts<PracticeMessages>;
  readonly pictures: Texts<PicturesMessages>;
  readonly places: Texts<PlacesMessages>;
  readonly register: Texts<RegisterMessages>;
  readonly rehearse: Texts<RehearseMessages>;
  readonly run: Texts<RunMessages>;
  readonly water: Texts<WaterMessages>;
  readonly weather: Texts<WeatherMessages>;
  readonly weighing: Texts<WeighingMessages>;
}
