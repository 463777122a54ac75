import { captureText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import type { Angler } from '@keeper/core/domain/capture/angler';
import type { FactName, Facts } from '@keeper/core/domain/capture/event';
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
  weight: captureText.weight,
  length: captureText.length,
  girth: captureText.girth,
  guess: captureText.guess,
  overScale: captureText.overScale,
  angler: captureText.whoCaughtIt,
  note: captureText.note,
};

/** What waters and keepers are called. */
export interface FactNames {
  readonly waterName: (id: string) => string;
  /** Null for the own fish of whoever reads. */
  readonly whoseText: (angler: Angler) => string | null;
}

/** A fact as it stands in the book. Example: a zeroed 379 oz is `23 lb 11 oz`. */
export function factText(field: FactName, value: Facts[FactName], { waterName, whoseText }: FactNames): string {
  if (field === 'angler') return (value && whoseText(value as Angler)) ?? captureText.theKeeper;
  if (value === null || value === undefined) return captureText.notKnown;
  if (field === 'species') return say(speciesName(value as SpeciesId));
  if (field === 'waterId') return waterName(value as string);
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
