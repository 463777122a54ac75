import { settingsText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { RUN_STEPS, STEP_WORDS, type RunStep } from '@keeper/core/domain/capture/steps';
import type { LoggedEvent } from '@keeper/core/domain/outing/event';

const WORDS: Partial<Record<LoggedEvent['type'], string>> = {
  hooked: settingsText.theTake,
  described: settingsText.whatYouNoted,
  amended: settingsText.aCorrection,
  'reading-taken': settingsText.aWeight,
  'wound-noted': settingsText.aWound,
  'picture-added': settingsText.aPicture,
  'picture-removed': settingsText.aPictureRemoved,
  'picture-deleted': settingsText.aPictureDeleted,
  'picture-read': settingsText.whatWasMadeOut,
  identified: settingsText.whoItIs,
  'time-amended': settingsText.aTimePutRight,
  'sling-hung': settingsText.theSlingAfterwards,
  'outing-planned': settingsText.aPlan,
  'condition-taken': settingsText.aMeasurement,
  'outing-ended': settingsText.theEndOfAn,
};

/** What an entry is, in a few words. Example: `a weight`. */
export function entryWords({ type }: Pick<LoggedEvent, 'type'>): string {
  const step: RunStep | undefined = RUN_STEPS.find((each) => each === type);
  return WORDS[type] ?? (step ? say(STEP_WORDS[step].done) : type.replaceAll('-', ' '));
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  count: settingsText.theNumber,
  note: settingsText.theNote,
  why: settingsText.theReason,
  at: settingsText.whenItWasTapped,
  when: settingsText.whenItWasMeasured,
  fromAt: settingsText.from,
  toAt: settingsText.until,
  elapsedMs: settingsText.millisecondsSinceTheTake,
  kindName: settingsText.theSpecies,
  species: settingsText.theSpecies,
  form: settingsText.howItIsScaled,
  waterC: settingsText.waterDegreesC,
  airC: settingsText.airDegreesC,
  oxygenMgL: settingsText.oxygenMgL,
  sizeMm: settingsText.sizeMm,
  perMinute: settingsText.beatsAMinute,
};

/** What a field is called. Example: `payload.facts.weight.asRead.count` is `The number`. */
export function fieldWords(path: string): string {
  const name = path.split('.').at(-1) ?? path;
  return FIELD_WORDS[name] ?? name;
}
