import { weighText } from './text.en-GB.js';
import { askedBack } from '../../parts/weight/askedBack.js';
import { say } from '../../text/say.js';
import { gramsOf, type MassSystem } from '@keeper/core/measure/mass';
import { parseMass } from '@keeper/core/measure/parseMass';
import type { CheckPoint } from '@keeper/core/domain/kit/scaleSpec';
import { shownWaterGrams } from '@keeper/core/weighing/waterDensity';
import { parseTypedNumber } from '../../parts/typed.js';

/** One row of a check as it is typed. */
export interface TypedPoint {
  readonly how: CheckPoint['how'];
  /** The mass, or the litres. */
  readonly known: string;
  readonly tempC: string;
  readonly shown: string;
}

/** How well a kitchen weight and a filled bottle are known: common practice, no source. */
const KNOWN_SHARE = 0.0005;
const KNOWN_LEAST_GRAMS = 0.5;
const FILLED_SHARE = 0.003;

/**
 * Reads the typed rows: those that are whole become points, those that are begun and cannot be read have a sentence.
 */
export function readCheck(typed: readonly TypedPoint[], habit: MassSystem) {
  const read = typed.map((point) => readPoint(point, habit));
  return {
    points: read.flatMap((each) => (typeof each === 'object' ? [each] : [])),
    problems: read.map((each) => (typeof each === 'string' ? each : undefined)),
  };
}

function readPoint({ how, known, tempC, shown }: TypedPoint, habit: MassSystem): CheckPoint | string | undefined {
  if (known.trim() === '' && shown.trim() === '') return undefined;
  const mass = how === 'water' ? readWater(known, tempC) : readMass(known, habit);
  if (typeof mass === 'string') return weighText.whatWasHung({ mass });
  const read = parseMass(shown, habit);
  if (read.kind === 'refused') return weighText.whatItShowed({ reason: say(read.reason) });
  if (read.kind === 'ambiguous') return weighText.whatItShowed2({ read: askedBack(read) });
  return { how, ...mass, shown: read.mass };
}

function readMass(text: string, habit: MassSystem): { trueGrams: number; uGrams: number } | string {
  const read = parseMass(text, habit);
  if (read.kind === 'refused') return say(read.reason);
  if (read.kind === 'ambiguous') return askedBack(read);
  const trueGrams = gramsOf(read.mass);
  return { trueGrams, uGrams: Math.max(KNOWN_LEAST_GRAMS, KNOWN_SHARE * trueGrams) };
}

function readWater(litres: string, tempC: string): { trueGrams: number; uGrams: number } | string {
  const volume = parseTypedNumber(litres.replace(/\s*(l|litres?)$/i, ''));
  if (volume === undefined || !(volume >= 0.1 && volume <= 50)) return weighText.litresOfWaterFrom;
  const temp = tempC.trim() === '' ? 20 : parseTypedNumber(tempC);
  if (temp === undefined || !(temp >= 0 && temp <= 40)) return weighText.howWarmTheWater;
  return { trueGrams: shownWaterGrams(volume * 1000, temp), uGrams: FILLED_SHARE * volume * 1000 };
}
