import { say } from '../../text/say.js';
import { RUN_STEPS, STEP_WORDS, type RunStep } from '@keeper/core/domain/capture/steps';
import type { LoggedEvent } from '@keeper/core/domain/outing/event';

const WORDS: Partial<Record<LoggedEvent['type'], string>> = {
  hooked: 'the take',
  described: 'what you noted',
  amended: 'a correction',
  'reading-taken': 'a weight',
  'wound-noted': 'a wound',
  'picture-added': 'a picture',
  'picture-removed': 'a picture removed',
  'picture-read': 'what was made out in a picture',
  identified: 'who it is',
  'time-amended': 'a time put right',
  'sling-hung': 'the sling afterwards',
  'outing-planned': 'a plan',
  'condition-taken': 'a measurement',
  'outing-ended': 'the end of an outing',
};

/** What an entry is, in a few words. Example: `a weight`. */
export function entryWords({ type }: Pick<LoggedEvent, 'type'>): string {
  const step: RunStep | undefined = RUN_STEPS.find((each) => each === type);
  return WORDS[type] ?? (step ? say(STEP_WORDS[step].done) : type.replaceAll('-', ' '));
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  count: 'The number',
  note: 'The note',
  why: 'The reason',
  at: 'When it was tapped',
  when: 'When it was measured',
  fromAt: 'From',
  toAt: 'Until',
  elapsedMs: 'Milliseconds since the take',
  kindName: 'The species',
  species: 'The species',
  form: 'How it is scaled',
  waterC: 'Water, degrees C',
  airC: 'Air, degrees C',
  oxygenMgL: 'Oxygen, mg/L',
  sizeMm: 'Size, mm',
  perMinute: 'Beats a minute',
};

/** What a field is called. Example: `payload.facts.weight.asRead.count` is `The number`. */
export function fieldWords(path: string): string {
  const name = path.split('.').at(-1) ?? path;
  return FIELD_WORDS[name] ?? name;
}
