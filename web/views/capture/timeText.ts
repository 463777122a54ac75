import { captureText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import type { EventType } from '@keeper/core/domain/capture/event';
import { STEP_WORDS, type RunStep } from '@keeper/core/domain/capture/steps';

/** What a tap is called in a list of times. Examples: `Lift`, `Released`, `Another tap`. */
export function tapName(type: EventType): string {
  if (type in STEP_WORDS) return say(STEP_WORDS[type as RunStep].todo);
  return type === 'lost' ? captureText.fishLost : captureText.anotherTap;
}

/**
 * Reads a time since the take: hours, minutes and seconds, or minutes alone. Undefined where it is none. Examples:
 * `6:20`, `12`, `1:02:03`.
 */
export function readElapsed(text: string): number | undefined {
  const tidy = text.trim();
  if (!/^\d{1,3}(:\d{2}){0,2}$/.test(tidy)) return undefined;
  const parts = tidy.split(':').map(Number);
  if (parts.slice(1).some((part) => part > 59)) return undefined;
  const [hours = 0, minutes = 0, seconds = 0] = parts.length === 3 ? parts : [0, ...parts];
  return ((hours * 60 + minutes) * 60 + seconds) * 1000;
}
