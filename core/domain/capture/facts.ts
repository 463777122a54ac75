import type { Mass } from '../../measure/mass.js';
import { stableJson } from '../../measure/stableJson.js';
import type { WeightReading } from './weightReading.js';
import { FACT_NAMES, type EventHead, type FactName, type Facts } from './event.js';

/** A correction as it will be read years later: what it was, what it became, when and why. */
export interface Amendment {
  readonly eventId: string;
  readonly at: string;
  readonly field: FactName;
  readonly from: Facts[FactName];
  readonly to: Facts[FactName];
  /** As the keeper gave it; empty where it was read or noted a second time without one. */
  readonly why: string;
}

/** What decides whether an entry adds up: once one of them changes, the keeper may be asked anew. */
const ADDS_UP: readonly FactName[] = ['species', 'weight', 'length', 'girth'];

/**
 * What writing facts down does: which change, what of it is a correction, and whether the keeper may be asked anew if
 * the entry adds up.
 */
export interface NotedFacts {
  readonly changed: Facts;
  readonly corrections: readonly Amendment[];
  readonly asksAnew: boolean;
}

/** Facts against those that stand; a fact that already had another value becomes an amendment, whoever wrote it. */
export function correctionsOf(standing: Facts, event: EventHead, facts: Facts, why: string): NotedFacts {
  const names = FACT_NAMES.filter((name) => facts[name] !== undefined && !sameFact(standing[name], facts[name]));
  const corrections = names
    .filter((name) => standing[name] !== undefined && !completes(standing[name], facts[name]))
    .map((field) => ({ eventId: event.id, at: event.at, field, from: standing[field], to: facts[field], why }));
  return {
    changed: Object.fromEntries(names.map((name) => [name, facts[name]])),
    corrections,
    asksAnew: names.some((name) => ADDS_UP.includes(name)),
  };
}

/** A gross reading that gets its tare is finished, not corrected. */
function completes(from: Facts[FactName], to: Facts[FactName]): boolean {
  if (!isReading(from) || !isReading(to) || from.tare !== undefined) return false;
  return from.method === to.method && sameFact(from.asRead, to.asRead);
}

function isReading(fact: Facts[FactName]): fact is WeightReading {
  return typeof fact === 'object' && fact !== null && 'asRead' in fact;
}

function sameFact(a: Facts[FactName] | Mass, b: Facts[FactName] | Mass): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  return stableJson(a) === stableJson(b);
}
