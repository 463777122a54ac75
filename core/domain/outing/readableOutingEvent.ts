import { KIT_PIECES } from '../water/plan.js';
import { SPECIES_IDS } from '../fish/species.js';
import { isFlag, isNumber, isText, listOf, oneOf, optional, record, type Shape } from '../../measure/readableShape.js';
import { lossShape, setupShape } from '../capture/readableEvent.js';
import { ROD_IN_REASONS } from './rods.js';
import { CARE_KINDS, CONDITION_SOURCES, WATER_DEPTHS, type OutingEvent, type OutingEventType } from './event.js';

const isMomentText: Shape = (value) => typeof value === 'string' && !Number.isNaN(Date.parse(value));

const hour = record({
  atMs: isNumber,
  airC: isNumber,
  humidity: isNumber,
  windMs: isNumber,
  windFromDeg: isNumber,
  cloudOctas: isNumber,
  pressureHpa: isNumber,
  rainMm: isNumber,
  thunder: isFlag,
});

const point = record({ xM: isNumber, yM: isNumber });

const onRod = { rod: optional(isNumber), when: optional(isMomentText) };

const PAYLOAD_SHAPES: Readonly<Record<OutingEventType, Shape>> = {
  'outing-planned': record({
    waterId: isText,
    fromAt: isMomentText,
    toAt: isMomentText,
    companions: isNumber,
    expected: listOf(oneOf(SPECIES_IDS)),
    joiningId: optional(isText),
  }),
  'swim-taken': record({ swimId: isText }),
  'swim-amended': record({ from: isText, to: isText, joiningId: optional(isText) }),
  'condition-taken': record({
    source: oneOf(CONDITION_SOURCES),
    waterC: optional(isNumber),
    depth: optional(oneOf(WATER_DEPTHS)),
    airC: optional(isNumber),
    cloudOctas: optional(isNumber),
    windMs: optional(isNumber),
    windFromDeg: optional(isNumber),
    pressureHpa: optional(isNumber),
    oxygenMgL: optional(isNumber),
    when: isMomentText,
  }),
  'forecast-taken': record({ hours: listOf(hour) }),
  'care-done': record({ kind: oneOf(CARE_KINDS), face: optional(oneOf(['up', 'down'])), when: isMomentText }),
  'laid-out': record({ layout: record(Object.fromEntries(KIT_PIECES.map((piece) => [piece, optional(point)]))) }),
  'item-checked': record({ item: isText, done: isFlag }),
  'rod-out': record({ rod: isNumber, setup: record(setupShape), when: isMomentText, swimId: optional(isText) }),
  'rod-in': record({ rod: isNumber, why: oneOf(ROD_IN_REASONS), when: isMomentText }),
  'run-dropped': record(onRod),
  'bite-missed': record(onRod),
  'fish-lost': record({ ...onRod, ...lossShape }),
  'lost-how': record({ of: isText, ...lossShape }),
  'outing-ended': record({ note: optional(isText) }),
  'outing-called-off': record({ note: optional(isText) }),
  'taken-back': record({ eventId: isText }),
};

/**
 * Whether an event of an outing is of a kind that is known and says what its kind says. Example: a layout that is a
 * list cannot be read.
 */
export function isReadableOfOuting({ type, payload, at }: OutingEvent): boolean {
  return Object.hasOwn(PAYLOAD_SHAPES, type) && isMomentText(at) && PAYLOAD_SHAPES[type](payload);
}
