import { netOf, type CaptureStory } from './captureState.js';

/** What a full entry has. None of it is compulsory. */
export type MissingThing = 'species' | 'water' | 'weight' | 'tare' | 'length' | 'picture';

/**
 * What the book does not yet know about a fish, in the order in which it is asked. A lost fish is asked only where it was.
 * Example: a story of taps alone misses species, water, weight, length and picture.
 */
export function missingThings(story: CaptureStory): MissingThing[] {
  const { species, waterId, weight, length } = story.facts;
  const missing: MissingThing[] = [];
  if (species === undefined && story.outcome !== 'lost') missing.push('species');
  if (waterId === undefined) missing.push('water');
  if (story.outcome === 'lost') return missing;
  if (weight === undefined) missing.push('weight');
  else if (weight && !netOf(story)) missing.push('tare');
  if (length === undefined) missing.push('length');
  if (story.pictures.length === 0) missing.push('picture');
  return missing;
}
