import type { HandlingPast } from '@keeper/core/care/handling';
import type { MeasuredFish } from '@keeper/core/domain/capture/measuredFish';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { IdentityDecision } from '@keeper/core/domain/identity/identityDecision';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import type { PictureFacts } from '@keeper/core/formats/bookJson';
import type { RegisterFile } from '@keeper/core/formats/registerJson';
import type { Access, Home, PairedDevice, PairingOffer } from './access.js';
import type { BookPage, BookTally, PictureInBook } from './book.js';
import type { AppendedEvents, CaptureEvents } from './events.js';
import type { KeptFish } from './fish.js';
import type { CellsAnswer, FlanksAnswer } from './flanks.js';
import type { Health } from './health.js';
import type { KeptMeeting } from './meetings.js';
import type { KeptKitItem } from './kit.js';
import type { OutingEvents, SwimRate } from './outings.js';
import type { PicturedFish } from './pictured.js';
import type { KeptSettings } from './preferences.js';
import type { FriendRegister, ImportedRegister } from './registers.js';
import type { KeptRehearsal } from './rehearsals.js';
import type { KeptRig } from './rigs.js';
import type { KeptSwim } from './swims.js';
import type { KeptWater } from './waters.js';
import type { Forecast } from './weather.js';
import type { WeighedFish } from './weighed.js';

/**
 * What each address of the API gives in JSON when all is well, by method and path. The description of the API is made
 * from it when the contract is built; an address that is not here gives something else, or nothing that is described.
 */
export interface Answers {
  'get /health': Health;
  'get /access': Access;
  'post /access/session': Access;
  'put /access/passphrase': Access;
  'post /access/pairing': PairingOffer;
  'get /access/devices': readonly PairedDevice[];
  'post /access/devices': Access;
  'delete /access/devices/{id}': readonly PairedDevice[];
  'get /access/home': Home;
  'put /access/home': Home;
  'post /events': AppendedEvents;
  'get /captures': BookPage;
  'get /captures/tally': BookTally;
  'get /captures/handling': HandlingPast;
  'get /captures/pictured': readonly PicturedFish[];
  'get /captures/known': readonly CaptureSummary[];
  'get /captures/decisions': readonly IdentityDecision[];
  'get /captures/pictures': readonly PictureInBook[];
  'get /captures/measured': readonly MeasuredFish[];
  'get /captures/weighed': readonly WeighedFish[];
  'get /captures/{captureId}': CaptureEvents;
  'get /flanks': FlanksAnswer;
  'get /flanks/cells': CellsAnswer;
  'get /waters': readonly KeptWater[];
  'post /pictures': PictureFacts;
  'put /waters/{waterId}': KeptWater;
  'get /swims': readonly KeptSwim[];
  'put /swims/{id}': KeptSwim;
  'get /rigs': readonly KeptRig[];
  'put /rigs/{id}': KeptRig;
  'get /kit': readonly KeptKitItem[];
  'put /kit/{id}': KeptKitItem;
  'get /fish': readonly KeptFish[];
  'put /fish/{id}': KeptFish;
  'get /register.json': RegisterFile;
  'get /registers': readonly FriendRegister[];
  'post /registers': ImportedRegister;
  'get /meetings': readonly KeptMeeting[];
  'put /meetings/{id}': KeptMeeting;
  'get /rehearsals': readonly KeptRehearsal[];
  'put /rehearsals/{id}': KeptRehearsal;
  'get /outings': readonly OutingSummary[];
  'get /outings/swims': readonly SwimRate[];
  'get /outings/{outingId}': OutingEvents;
  'get /weather': Forecast;
  'get /settings': KeptSettings;
  'put /settings': KeptSettings;
}
