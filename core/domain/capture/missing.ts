import { netOf, type CaptureState } from './captureState.js';

/** What a full entry has. None of it is compulsory. */
export type MissingThing = 'species' | 'water' | 'weight' | 'tare' | 'length' | 'picture';

/**
 * What the book does not yet know about a fish, in the order in which it is asked. A lost fish is asked only where it
 * was. Example: a capture of taps alone misses species, water, weight, length and picture.
 */
export function missingThings(state: CaptureState): MissingThing[] {
  const { species, waterId, weight, length, overScale } = state.facts;
  const missing: MissingThing[] = [];
  if (species === undefined && state.outcome !== 'lost') missing.push('species');
  if (waterId === undefined) missing.push('water');
  if (state.outcome === 'lost') return missing;
  // What went straight back was not weighed, measured or pictured by choice.
  if (state.straightBack) return missing;
  if (weight === undefined && !(overScale && length)) missing.push('weight');
  else if (weight && !netOf(state)) missing.push('tare');
  if (length === undefined) missing.push('length');
  if (state.pictures.length === 0) missing.push('picture');
  return missing;
}
