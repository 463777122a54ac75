import type { Role } from './access.js';

/**
 * Who may ask: a device of a role; one that the keeper put out, to hand in what waits on it; anybody at all; or only
 * the machine that keeps the book.
 */
export type Asker = Role | 'put-out' | 'anybody' | 'machine';

const KEEPER: readonly Asker[] = ['keeper'];
const CREW: readonly Asker[] = ['keeper', 'helper'];
const SHOWN: readonly Asker[] = ['keeper', 'reader'];
const HANDS_IN: readonly Asker[] = ['keeper', 'helper', 'put-out'];
const ANYBODY: readonly Asker[] = ['anybody'];
const MACHINE: readonly Asker[] = ['machine'];

/**
 * To whom each address of the API is open; what does not stand here is closed to all. On the machine itself everything
 * is open that is open to a keeper. `anybody` includes everybody else.
 */
export const OPEN_TO: Readonly<Record<string, readonly Asker[]>> = {
  'get /health': ANYBODY,
  'get /access': ANYBODY,
  'post /access/session': ANYBODY,
  'delete /access/session': ANYBODY,
  'post /access/devices': ANYBODY,
  'get /access/authority.crt': ANYBODY,
  'get /access/devices': KEEPER,
  'delete /access/devices/{id}': KEEPER,
  'post /access/pairing': KEEPER,
  'put /access/passphrase': KEEPER,
  'put /access/here': MACHINE,
  'get /access/home': KEEPER,
  'put /access/home': MACHINE,
  'get /openapi.json': KEEPER,
  'post /events': HANDS_IN,
  'get /captures': KEEPER,
  'get /captures/tally': KEEPER,
  'get /captures/handling': KEEPER,
  'get /captures/pictured': KEEPER,
  'get /captures/known': KEEPER,
  'get /captures/decisions': KEEPER,
  'get /captures/pictures': KEEPER,
  'get /captures/measured': KEEPER,
  'get /captures/setups': KEEPER,
  'get /captures/marks': KEEPER,
  'get /captures/weighed': KEEPER,
  'get /captures/{captureId}': CREW,
  'get /findings/record': KEEPER,
  'get /flanks': KEEPER,
  'get /flanks/cells': KEEPER,
  'post /pictures': HANDS_IN,
  'get /pictures/{sha256}': KEEPER,
  'get /waters': CREW,
  'put /waters/{waterId}': KEEPER,
  'get /swims': CREW,
  'put /swims/{id}': KEEPER,
  'get /rigs': CREW,
  'put /rigs/{id}': KEEPER,
  'get /kit': CREW,
  'put /kit/{id}': KEEPER,
  'get /fish': KEEPER,
  'put /fish/{id}': KEEPER,
  'get /register.json': KEEPER,
  'get /registers': KEEPER,
  'post /registers': KEEPER,
  'delete /registers/{id}': KEEPER,
  'get /keepers': CREW,
  'put /keepers/{id}': KEEPER,
  'get /shown': SHOWN,
  'get /shown/{captureId}/pictures/{sha256}': SHOWN,
  'get /meetings': KEEPER,
  'put /meetings/{id}': KEEPER,
  'get /imports': KEEPER,
  'put /imports/{id}': KEEPER,
  'get /joinings': KEEPER,
  'put /joinings/{id}': KEEPER,
  'get /views': KEEPER,
  'put /views/{id}': KEEPER,
  'get /rehearsals': KEEPER,
  'put /rehearsals/{id}': KEEPER,
  'get /outings': KEEPER,
  'get /outings/swims': KEEPER,
  'get /outings/{outingId}': CREW,
  'get /weather': CREW,
  'get /settings': CREW,
  'put /settings': KEEPER,
  'get /book.csv': KEEPER,
  'get /book.json': KEEPER,
  'get /backup': KEEPER,
  'post /book': KEEPER,
  'get /darwin-core.zip': KEEPER,
  'get /waters/{waterId}/report.csv': KEEPER,
  'get /places.geojson': KEEPER,
  'get /places.gpx': KEEPER,
  'get /calendar.ics': KEEPER,
  'get /calendar': KEEPER,
  'put /calendar': KEEPER,
  'delete /calendar': KEEPER,
  // Whoever has its secret.
  'get /calendar/{secret}': ANYBODY,
  'post /backup/sealed': KEEPER,
  'get /backup/sealed/{ticket}': KEEPER,
  'post /restore': MACHINE,
  'get /backups': KEEPER,
  'post /backups/renewed': KEEPER,
  'put /backups': MACHINE,
};
