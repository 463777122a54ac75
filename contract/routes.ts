import { RestoreDto, SealBackupDto, WriteBackupsDto } from './backups.js';
import { AskHereDto, EnterDto, OfferPairingDto, PairDto, SetPassphraseDto, SwitchHomeDto } from './access.js';
import { MergeQueryDto } from './bookMerge.js';
import { BookFilterDto, BookQueryDto, ExportQueryDto } from './book.js';
import { AppendEventsDto } from './events.js';
import { CellsQueryDto } from './flanks.js';
import { WriteKitItemDto } from './kit.js';
import { WriteFishDto } from './fish.js';
import { HandlingQueryDto } from './handling.js';
import { SwimsQueryDto } from './outings.js';
import { PictureQueryDto } from './pictures.js';
import { RegisterQueryDto } from './registers.js';
import { DarwinQueryDto, ReportQueryDto } from './others.js';
import { OfKeeperDto, WriteKeeperDto } from './keepers.js';
import { ShownQueryDto } from './shown.js';
import { WriteImportDto } from './imports.js';
import { WriteJoiningDto } from './joinings.js';
import { WriteMeetingDto } from './meetings.js';
import { WriteRehearsalDto } from './rehearsals.js';
import { WriteRigDto } from './rigs.js';
import { WriteSettingsDto } from './settings.js';
import { WriteSwimDto } from './swims.js';
import { WriteViewDto } from './views.js';
import { WriteWaterDto } from './waters.js';
import { ForecastQueryDto } from './weather.js';

type Constructor = new () => object;

/** One address of the API, as both sides and its description know it. */
export interface Route {
  readonly method: 'get' | 'post' | 'put' | 'delete';
  readonly path: string;
  readonly summary: string;
  readonly body?: Constructor;
  readonly query?: Constructor;
  readonly upload?: boolean;
  /** Media type of a good answer. */
  readonly gives: string;
}

const JSON_TYPE = 'application/json';

/** Every address below `/api`. The server's description is made from this list, and a test holds the server to it. */
export const ROUTES: readonly Route[] = [
  {
    method: 'get',
    path: '/health',
    summary: 'Whether the book can be read and written, and what keeps it from that',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/access',
    summary: 'Who is asking, as the server sees it, and whether there is a passphrase',
    gives: JSON_TYPE,
  },
  {
    method: 'post',
    path: '/access/session',
    summary: "Let a device of the keeper's own in by the passphrase",
    body: EnterDto,
    gives: JSON_TYPE,
  },
  {
    method: 'delete',
    path: '/access/session',
    summary: 'Leave: the session of this device ends, and the browser clears what it kept',
    gives: JSON_TYPE,
  },
  {
    method: 'put',
    path: '/access/passphrase',
    summary: 'Set or change the passphrase; the sessions of all other devices end',
    body: SetPassphraseDto,
    gives: JSON_TYPE,
  },
  {
    method: 'put',
    path: '/access/here',
    summary: 'Whether the passphrase is asked on the machine that keeps the book too',
    body: AskHereDto,
    gives: JSON_TYPE,
  },
  {
    method: 'post',
    path: '/access/pairing',
    summary: 'A code that pairs one device, within two minutes',
    body: OfferPairingDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/access/devices', summary: 'The devices that were let in', gives: JSON_TYPE },
  {
    method: 'post',
    path: '/access/devices',
    summary: 'Pair a device by its code',
    body: PairDto,
    gives: JSON_TYPE,
  },
  {
    method: 'delete',
    path: '/access/devices/{id}',
    summary: 'Put a device out; it may still hand in what waits on it',
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/access/home', summary: 'How the book stands open to the home network', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/access/home',
    summary: 'Open the book to the home network, or close it',
    body: SwitchHomeDto,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/access/authority.crt',
    summary: "The certificate of the book's own authority, to be installed on a phone once",
    gives: 'application/x-x509-ca-cert',
  },
  { method: 'get', path: '/openapi.json', summary: 'This description', gives: JSON_TYPE },
  {
    method: 'post',
    path: '/events',
    summary: 'Append events; the same id twice is once',
    body: AppendEventsDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/captures', summary: 'A page of the book', query: BookQueryDto, gives: JSON_TYPE },
  {
    method: 'get',
    path: '/captures/tally',
    summary: 'How many of each kind, and the best of each that a keeper had',
    query: OfKeeperDto,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/captures/handling',
    summary: 'How long each step took over the past captures, in medians',
    query: HandlingQueryDto,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/captures/pictured',
    summary: 'Every fish with when it was on the bank and which pictures it has: what a card is sorted by',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/captures/known',
    summary: 'Every capture whose fish the keeper knows, oldest first: the register',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/captures/decisions',
    summary: 'Everything that was said about who a fish is, taken back or not',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/captures/pictures',
    summary: 'Every picture of the book, with the fish that it shows',
    query: BookFilterDto,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/captures/measured',
    summary: 'Every fish that was measured or weighed, newest first: for lists, meetings and the sizes of kit',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/captures/marks',
    summary: 'Every fish of the book in a line, as far as one that comes in with a sheet is told from it',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/findings/record',
    summary: 'Every outing that took place with the time of its rods, and every fish that took: what findings rest on',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/captures/setups',
    summary: 'Every bait, method and place that was told of a fish, once a water: what a next one is chosen from',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/captures/weighed',
    summary: 'Every fish that was weighed, newest first: what other weights are compared with',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/flanks',
    summary: 'Every flank of the book that has a descriptor: what a fish on the bank is compared with',
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/flanks/cells',
    summary: 'The descriptors themselves, fifty at most at a time',
    query: CellsQueryDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/captures/{captureId}', summary: 'One capture with all its events', gives: JSON_TYPE },
  {
    method: 'post',
    path: '/pictures',
    summary: 'Keep a picture, once, by the SHA-256 of its bytes',
    upload: true,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/pictures/{sha256}',
    summary: 'The original, or a smaller copy',
    query: PictureQueryDto,
    gives: 'image/*',
  },
  { method: 'get', path: '/waters', summary: 'The waters', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/waters/{waterId}',
    summary: 'Write a water at the revision it was read',
    body: WriteWaterDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/swims', summary: 'The swims', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/swims/{id}',
    summary: 'Write a swim at the revision it was read',
    body: WriteSwimDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/rigs', summary: 'The rigs', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/rigs/{id}',
    summary: 'Write a rig at the revision it was read',
    body: WriteRigDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/kit', summary: 'The kit', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/kit/{id}',
    summary: 'Write a thing of the kit at the revision it was read',
    body: WriteKitItemDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/fish', summary: 'What the known fish are called', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/fish/{id}',
    summary: 'Name a known fish at the revision it was read',
    body: WriteFishDto,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/register.json',
    summary: 'The known fish for a friend: names and descriptors, no places',
    query: RegisterQueryDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/registers', summary: 'Registers of friends that were taken in', gives: JSON_TYPE },
  {
    method: 'post',
    path: '/registers',
    summary: "Take in a friend's register; a newer one takes the place of the older",
    upload: true,
    gives: JSON_TYPE,
  },
  { method: 'delete', path: '/registers/{id}', summary: "Remove a friend's register", gives: JSON_TYPE },
  { method: 'get', path: '/keepers', summary: 'The keepers of this book', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/keepers/{id}',
    summary: 'Write a keeper at the revision that was read',
    body: WriteKeeperDto,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/shown',
    summary: 'A page of the fish that a reader is let see, newest first, without places',
    query: ShownQueryDto,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/shown/{captureId}/pictures/{sha256}',
    summary: 'A picture of such a fish, drawn anew without what the camera wrote into it',
    gives: 'image/jpeg',
  },
  { method: 'get', path: '/meetings', summary: 'Meetings, and seasons of your own', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/meetings/{id}',
    summary: 'Write a meeting at the revision that was read',
    body: WriteMeetingDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/imports', summary: 'The sheets that came in', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/imports/{id}',
    summary: 'Note that a sheet came in, or was taken back; its fish come and go as events',
    body: WriteImportDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/joinings', summary: 'Waters and swims that were made one', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/joinings/{id}',
    summary: 'Make one of two waters or swims, or two again',
    body: WriteJoiningDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/views', summary: 'Views of the book that were saved', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/views/{id}',
    summary: 'Save a view of the book',
    body: WriteViewDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/rehearsals', summary: 'The rehearsals', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/rehearsals/{id}',
    summary: 'Keep a rehearsal',
    body: WriteRehearsalDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/outings', summary: 'The outings, newest first', gives: JSON_TYPE },
  {
    method: 'get',
    path: '/outings/swims',
    summary: 'What each swim came to on all outings: rod time, signs and fish',
    query: SwimsQueryDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/outings/{outingId}', summary: 'One outing with all its events', gives: JSON_TYPE },
  {
    method: 'get',
    path: '/weather',
    summary: 'A forecast for a place, from the weather service',
    query: ForecastQueryDto,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/settings',
    summary: "A keeper's preferences",
    query: OfKeeperDto,
    gives: JSON_TYPE,
  },
  {
    method: 'put',
    path: '/settings',
    summary: "Write a keeper's preferences",
    query: OfKeeperDto,
    body: WriteSettingsDto,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/book.csv', summary: 'The whole book as CSV', query: ExportQueryDto, gives: 'text/csv' },
  { method: 'get', path: '/book.json', summary: 'The whole book as JSON', query: ExportQueryDto, gives: JSON_TYPE },
  {
    method: 'post',
    path: '/book',
    summary: 'Merge a book that left as JSON, or only say what would come of it',
    query: MergeQueryDto,
    upload: true,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/darwin-core.zip',
    summary: 'Catches of known fish as a Darwin Core Archive',
    query: DarwinQueryDto,
    gives: 'application/zip',
  },
  {
    method: 'get',
    path: '/waters/{waterId}/report.csv',
    summary: 'The fish of a water as CSV for its bailiff',
    query: ReportQueryDto,
    gives: 'text/csv',
  },
  { method: 'get', path: '/places.geojson', summary: 'Waters and swims for a map', gives: 'application/geo+json' },
  { method: 'get', path: '/places.gpx', summary: 'Waters and swims for a device', gives: 'application/gpx+xml' },
  { method: 'get', path: '/calendar.ics', summary: 'What is planned, closed and due', gives: 'text/calendar' },
  { method: 'get', path: '/calendar', summary: 'How the calendar feed stands', gives: JSON_TYPE },
  { method: 'put', path: '/calendar', summary: 'Open the feed under a new secret address', gives: JSON_TYPE },
  { method: 'delete', path: '/calendar', summary: 'Close the feed', gives: JSON_TYPE },
  {
    method: 'get',
    path: '/calendar/{secret}',
    summary: 'The feed, for whoever has its secret',
    gives: 'text/calendar',
  },
  {
    method: 'post',
    path: '/backup/sealed',
    summary: 'Where the book is fetched sealed with a passphrase, once and soon',
    body: SealBackupDto,
    gives: JSON_TYPE,
  },
  {
    method: 'get',
    path: '/backup/sealed/{ticket}',
    summary: 'The whole book, sealed (age-encryption.org/v1)',
    gives: 'application/octet-stream',
  },
  {
    method: 'post',
    path: '/restore',
    summary: 'Bring a book back from a backup, as long as nothing is in this one',
    body: RestoreDto,
    upload: true,
    gives: JSON_TYPE,
  },
  { method: 'get', path: '/backup', summary: 'The whole book with its pictures, as a bag', gives: 'application/zip' },
  { method: 'get', path: '/backups', summary: 'How the nightly backups stand', gives: JSON_TYPE },
  {
    method: 'put',
    path: '/backups',
    summary: 'Choose the folder of the nightly backups',
    body: WriteBackupsDto,
    gives: JSON_TYPE,
  },
  {
    method: 'post',
    path: '/backups/renewed',
    summary: 'Make a backup now, and delete those made before once it is whole',
    gives: JSON_TYPE,
  },
];
