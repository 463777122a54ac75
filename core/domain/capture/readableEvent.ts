import { LENGTH_OF } from '../fish/bodyLength.js';
import { FORM_IDS, SPECIES_IDS } from '../fish/species.js';
import { TREATMENTS, WOUND_KINDS, WOUND_SIDES } from '../fish/wound.js';
import { LENGTH_UNITS } from '../../measure/length.js';
import { PAST_DATES } from '../../measure/pastDate.js';
import { MASS_UNITS } from '../../measure/mass.js';
import {
  eitherOf,
  isFlag,
  isNumber,
  isText,
  listOf,
  nullOr,
  oneOf,
  optional,
  record,
  type Shape,
} from '../../measure/readableShape.js';
import { READING_WAYS, SCALE_SUPPORTS } from './weightReading.js';
import { WEIGH_METHODS } from '../practice/weighMethod.js';
import {
  IDENTITIES,
  INTERRUPTIONS,
  LEAVINGS,
  PICTURE_ROLES,
  RECOVERY_SIGNS,
  type CaptureEvent,
  type EventType,
} from './event.js';
import { GUESTS } from './angler.js';
import { GAPS_TOLD } from './gapTold.js';
import { HOOK_HOLDS, LOSS_REASONS, TACKLE_LEFT } from './rodFacts.js';
import { PROOF_CHECKS } from '../meeting/putForward.js';
import { SIGNS } from './sign.js';

const nothing = record({});
const mass = record({ unit: oneOf(MASS_UNITS), count: isNumber });
const length = record({ unit: oneOf(LENGTH_UNITS), count: isNumber });
const bodyLength = record({ unit: oneOf(LENGTH_UNITS), count: isNumber, of: optional(oneOf(LENGTH_OF)) });
const pixel = record({ x: isNumber, y: isNumber });

const weight = record({
  asRead: mass,
  method: oneOf(WEIGH_METHODS),
  tare: optional(mass),
  written: optional(isText),
  sent: optional(mass),
  settledGrams: optional(isNumber),
  way: optional(oneOf(READING_WAYS)),
  scalesId: optional(isText),
  slingId: optional(isText),
  support: optional(oneOf(SCALE_SUPPORTS)),
  zeroedAt: optional(isText),
  readAt: optional(isText),
  steadyGrams: optional(isNumber),
  steadyFreedom: optional(isNumber),
  resolutionGrams: optional(isNumber),
  also: optional(record({ asRead: mass, tare: optional(mass), scalesId: optional(isText) })),
});

const pastDate = record({ as: oneOf(PAST_DATES), from: isText, to: isText });

const facts = record({
  species: optional(nullOr(oneOf(SPECIES_IDS))),
  form: optional(nullOr(oneOf(FORM_IDS))),
  kindName: optional(nullOr(isText)),
  waterId: optional(nullOr(isText)),
  swimId: optional(nullOr(isText)),
  outingId: optional(nullOr(isText)),
  taken: optional(record({ at: isText, dated: optional(pastDate) })),
  weight: optional(nullOr(weight)),
  length: optional(nullOr(bodyLength)),
  girth: optional(nullOr(length)),
  guess: optional(nullOr(mass)),
  overScale: optional(nullOr(mass)),
  angler: optional(
    nullOr(
      eitherOf(
        record({ who: oneOf(GUESTS), name: optional(isText) }),
        record({ who: oneOf(['keeper']), keeperId: isText }),
      ),
    ),
  ),
  note: optional(nullOr(isText)),
});

const around = record({
  waterC: optional(isNumber),
  airC: optional(isNumber),
  oxygenMgL: optional(isNumber),
  companions: optional(isNumber),
  dark: optional(isFlag),
  thunder: optional(isFlag),
});

const wound = record({
  kind: oneOf(WOUND_KINDS),
  side: oneOf(WOUND_SIDES),
  at: record({ u: isNumber, v: isNumber }),
  sizeMm: isNumber,
});

const landmarks = record({ snout: pixel, eye: pixel, dorsal: pixel, pelvic: pixel, anal: pixel, fork: pixel });

const view = record({
  turnRad: isNumber,
  mirrored: isFlag,
  centre: pixel,
  widthPx: isNumber,
  stops: isNumber,
  of: record({ widthPx: isNumber, heightPx: isNumber }),
});

const picturedLength = record({
  inches: optional(isFlag),
  marks: listOf(record({ atMm: isNumber, pixel })),
  nose: pixel,
  tail: pixel,
  lengthMm: isNumber,
  uMm: isNumber,
});

const comparison = record({
  sha256: isText,
  captureId: isText,
  otherSha: isText,
  score: isNumber,
  probability: isNumber,
});

/** How a rod fishes; of captures and of outings. */
export const setupShape = {
  rigId: optional(isText),
  rig: optional(isText),
  bait: optional(isText),
  method: optional(isText),
  place: optional(isText),
  distanceM: optional(isNumber),
  depthM: optional(isNumber),
};

/** How a fish was lost; of captures and of outings. */
export const lossShape = { reason: optional(oneOf(LOSS_REASONS)), left: optional(oneOf(TACKLE_LEFT)) };

/**
 * What of a payload is used in telling: fields that are not named here are let through, as a newer version may have
 * them.
 */
const PAYLOAD_SHAPES: Readonly<Record<EventType, Shape>> = {
  hooked: record({
    waterId: optional(isText),
    outingId: optional(isText),
    swimId: optional(isText),
    gaps: optional(listOf(isText)),
    around: optional(around),
    zone: optional(isText),
    from: optional(isText),
    dated: optional(pastDate),
    keeperId: optional(isText),
    imported: optional(record({ importId: isText, key: isText })),
  }),
  netted: nothing,
  'off-rig': nothing,
  'hook-out': nothing,
  'hook-cut': nothing,
  'line-cut': nothing,
  'hook-shed': nothing,
  'hook-held': record({ hold: oneOf(HOOK_HOLDS) }),
  seen: record({ sign: oneOf(SIGNS) }),
  lifted: nothing,
  'looked-over': nothing,
  'wound-noted': record({ wound }),
  treated: record({ with: oneOf(TREATMENTS), woundId: optional(isText) }),
  wetted: nothing,
  zeroed: nothing,
  weighed: nothing,
  'reading-taken': record({ weight }),
  'sling-hung': record({ shown: mass, way: optional(oneOf(READING_WAYS)) }),
  'entry-kept': record({ note: optional(isText) }),
  measured: record({ in: optional(oneOf(['water'])) }),
  pictured: record({ in: optional(oneOf(['water'])) }),
  rested: nothing,
  returned: nothing,
  carried: nothing,
  dropped: nothing,
  held: nothing,
  'gill-beat': record({ perMinute: isNumber }),
  recovering: record({ sign: oneOf(RECOVERY_SIGNS) }),
  released: record({ straight: optional(isFlag) }),
  lost: nothing,
  'loss-told': record(lossShape),
  'rod-told': record({ ...setupShape, rod: optional(isNumber), givenS: optional(isNumber) }),
  'left-as': record({ leaving: oneOf(LEAVINGS) }),
  interrupted: record({ why: oneOf(INTERRUPTIONS) }),
  'taken-up': nothing,
  'outing-bound': record({
    outingId: isText,
    swimId: optional(isText),
    waterId: optional(isText),
    around: optional(around),
  }),
  'gap-told': record({ says: oneOf(GAPS_TOLD), fromMs: isNumber, backMs: optional(isNumber) }),
  'time-amended': record({ eventId: isText, toMs: isNumber, why: isText }),
  merged: record({ into: isText }),
  described: record({ facts }),
  'picture-added': record({ sha256: isText, role: optional(oneOf(PICTURE_ROLES)) }),
  'picture-removed': record({ sha256: isText, why: isText, movedTo: optional(isText) }),
  'picture-deleted': record({ sha256: isText, why: isText }),
  'picture-read': record({
    sha256: isText,
    role: optional(oneOf(PICTURE_ROLES)),
    landmarks: optional(nullOr(landmarks)),
    by: optional(oneOf(['proposed', 'hand'])),
    view: optional(nullOr(view)),
    length: optional(nullOr(picturedLength)),
    marks: optional(nullOr(listOf(pixel))),
  }),
  identified: record({
    says: oneOf(IDENTITIES),
    fishId: nullOr(isText),
    by: optional(comparison),
    decisionId: optional(isText),
    why: optional(isText),
  }),
  'put-forward': record({
    meetingId: isText,
    sha256: isText,
    checks: listOf(oneOf(PROOF_CHECKS)),
    lateWhy: optional(isText),
  }),
  amended: record({ facts, why: isText, joiningId: optional(isText) }),
  'written-up': nothing,
  undone: record({ eventId: isText }),
  discarded: nothing,
};

/**
 * Whether an event is of a kind that is known and says what its kind says. The log is never refused for one that is
 * not: it is set aside. Example: a wound that is a list cannot be read.
 */
export function isReadable({ type, payload, at, elapsedMs }: CaptureEvent): boolean {
  if (!Object.hasOwn(PAYLOAD_SHAPES, type)) return false;
  return isNumber(elapsedMs) && !Number.isNaN(Date.parse(at)) && PAYLOAD_SHAPES[type](payload);
}
