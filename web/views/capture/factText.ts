import { captureText } from './text.en-GB.js';
import { takenText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import type { Angler } from '@keeper/core/domain/capture/angler';
import type { FactName, Facts, Taken } from '@keeper/core/domain/capture/event';
import { speciesName, type SpeciesId } from '@keeper/core/domain/fish/species';
import { formatBodyLength, type BodyLength } from '@keeper/core/domain/fish/bodyLength';
import { formatLength, type Length } from '@keeper/core/measure/length';
import { formatMass } from '@keeper/core/measure/formatMass';
import type { Mass } from '@keeper/core/measure/mass';
import { netWeight, type WeightReading } from '@keeper/core/domain/capture/weightReading';

export const FACT_WORDS: Readonly<Record<FactName, string>> = {
  species: captureText.species,
  form: captureText.scaling,
  kindName: captureText.nameOfTheSpecies,
  waterId: captureText.water2,
  swimId: captureText.swim,
  outingId: captureText.outing,
  taken: captureText.dayAndTime,
  weight: captureText.weight,
  length: captureText.length,
  girth: captureText.girth,
  guess: captureText.guess,
  overScale: captureText.overScale,
  angler: captureText.whoCaughtIt,
  note: captureText.note,
};

/** What waters, swims, outings and keepers are called, and by which clocks a time is said. */
export interface FactNames {
  readonly waterName: (id: string) => string;
  readonly swimName: (id: string) => string;
  /** Null while the outing is not known here. */
  readonly outingName: (id: string) => string | null;
  readonly zone: string | null;
  /** Null for the own fish of whoever reads. */
  readonly whoseText: (angler: Angler) => string | null;
}

/** A fact as it stands in the book. Example: a zeroed 379 oz is `23 lb 11 oz`. */
export function factText(field: FactName, value: Facts[FactName], names: FactNames): string {
  if (field === 'angler') return (value && names.whoseText(value as Angler)) ?? captureText.theKeeper;
  if (value === null || value === undefined) return captureText.notKnown;
  if (field === 'species') return say(speciesName(value as SpeciesId));
  if (field === 'waterId') return names.waterName(value as string);
  if (field === 'swimId') return names.swimName(value as string);
  if (field === 'outingId') return names.outingName(value as string) ?? captureText.anotherOuting;
  if (field === 'taken') {
    const { at, dated } = value as Taken;
    return takenText({ startedAt: at, dated: dated ?? null, zone: names.zone });
  }
  if (field === 'length') return formatBodyLength(value as BodyLength);
  if (field === 'girth') return formatLength(value as Length);
  if (field === 'guess' || field === 'overScale') return formatMass(value as Mass);
  if (field === 'weight') return weightText(value as WeightReading);
  return typeof value === 'string' ? value : '';
}

/** Net where it can be worked out, with what it was worked out from. */
export function weightText(reading: WeightReading): string {
  const asRead = formatMass(reading.asRead);
  if (reading.also) {
    const sum = netWeight(reading);
    const parts = `${asRead} + ${formatMass(reading.also.asRead)}`;
    return sum?.ok ? captureText.byTwoScales({ sum: formatMass(sum.value), parts }) : parts;
  }
  if (reading.method === 'zeroed') return asRead;
  const net = netWeight(reading);
  if (!net?.ok || !reading.tare) return captureText.grossNoTare({ asRead });
  return captureText.lessOfSling({ value: formatMass(net.value), asRead, tare: formatMass(reading.tare) });
}
