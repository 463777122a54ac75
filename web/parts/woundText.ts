import { partsText } from './text.en-GB.js';
import { say } from '../text/say.js';
import type { WoundOfCapture } from '@keeper/core/domain/capture/captureState';
import { woundPlace, WOUND_SIZE_WORDS, WOUND_WORDS, type WoundKind } from '@keeper/core/domain/fish/wound';

/** A wound in one line. Example: `Ulcer, left flank, before the tail, 1 to 3 cm; cleaned, sealed`. */
export function woundText(wound: WoundOfCapture): string {
  const done = wound.treatedWith.map((what) => (what === 'antiseptic' ? partsText.cleaned : partsText.sealed));
  return `${woundName(wound.kind)}, ${say(woundPlace(wound))}, ${woundSizeText(wound.sizeMm)}${done.length > 0 ? `; ${done.join(', ')}` : ''}`;
}

/** Examples: `1 to 3 cm`; `12 mm` where somebody else wrote it down. */
export function woundSizeText(sizeMm: number): string {
  const words = WOUND_SIZE_WORDS[sizeMm];
  return words ? say(words) : partsText.mm({ sizeMm });
}

export function woundName(kind: WoundKind): string {
  const name = say(WOUND_WORDS[kind]);
  return name.charAt(0).toUpperCase() + name.slice(1);
}
