import type { Mass } from '../measure/mass.js';
import type { WeightReading } from '../weighing/reading.js';
import { FACT_NAMES, type EventHead, type FactName, type Facts } from './event.js';

/** A correction as it will be read years later: what it was, what it became, when and why. */
export interface Amendment {
  readonly eventId: string;
  readonly at: string;
  readonly field: FactName;
  readonly from: Facts[FactName];
  readonly to: Facts[FactName];
  readonly why: string;
}

/** The part of a story that holds what was written down. */
interface FactsKept {
  readonly facts: Facts;
  readonly amendments: readonly Amendment[];
  readonly entryKept: { readonly note: string | null } | null;
}

/** What decides whether an entry adds up: once one of them changes, the keeper may be asked anew. */
const ADDS_UP: readonly FactName[] = ['species', 'weight', 'length', 'girth'];

/** Sets facts; a fact that already had another value becomes an amendment, whoever wrote it. */
export function noteFacts<S extends FactsKept>(story: S, event: EventHead, facts: Facts, why: string): S {
  const changed = FACT_NAMES.filter((name) => facts[name] !== undefined && !sameFact(story.facts[name], facts[name]));
  const corrections = changed
    .filter((name) => story.facts[name] !== undefined && !completes(story.facts[name], facts[name]))
    .map((field) => ({ eventId: event.id, at: event.at, field, from: story.facts[field], to: facts[field], why }));
  const picked = Object.fromEntries(changed.map((name) => [name, facts[name]]));
  return {
    ...story,
    facts: { ...story.facts, ...picked },
    amendments: [...story.amendments, ...corrections],
    entryKept: changed.some((name) => ADDS_UP.includes(name)) ? null : story.entryKept,
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
  return stable(a) === stable(b);
}

function stable(value: unknown): string {
  return JSON.stringify(value, (_key, inner: unknown) =>
    inner && typeof inner === 'object' && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );
}
