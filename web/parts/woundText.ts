import type { WoundOfCapture } from '@keeper/core/domain/capture/captureState';
import { woundPlace, WOUND_SIZE_WORDS, WOUND_WORDS, type WoundKind } from '@keeper/core/domain/fish/wound';

/** A wound in one line. Example: `Ulcer, left flank, before the tail, 1 to 3 cm; cleaned, sealed`. */
export function woundText(wound: WoundOfCapture): string {
  const size = WOUND_SIZE_WORDS[wound.sizeMm] ?? `${wound.sizeMm} mm`;
  const done = wound.treatedWith.map((what) => (what === 'antiseptic' ? 'cleaned' : 'sealed'));
  return `${woundName(wound.kind)}, ${woundPlace(wound)}, ${size}${done.length > 0 ? `; ${done.join(', ')}` : ''}`;
}

export function woundName(kind: WoundKind): string {
  const name = WOUND_WORDS[kind];
  return name.charAt(0).toUpperCase() + name.slice(1);
}
