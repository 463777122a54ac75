import type { Angler } from '@keeper/core/domain/capture/angler';
import { partsText } from './text.en-GB.js';

/** Whose fish it is, where it is not the keeper's. Examples: `a child’s fish`; `Sam’s fish`. */
export function anglerText(angler: Angler): string {
  return partsText.fishOfAnother({ who: angler.who, name: angler.name ?? null });
}
