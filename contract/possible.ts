import { FORM_IDS, speciesOf, type FormId, type SpeciesId } from '@keeper/core/domain/fish/species';
import { lengthMm, LENGTH_UNITS, LONGEST_MM, type Length } from '@keeper/core/measure/length';
import { addMasses, gramsOf, MASS_UNITS, MOST_GRAMS, type Mass } from '@keeper/core/measure/mass';
import type { OtherKeeper } from '@keeper/core/domain/capture/angler';
import type { AlsoRead, WeightReading } from '@keeper/core/domain/capture/weightReading';
import { LONGEST_OUTING_MS } from '@keeper/core/domain/outing/event';
import type { Meeting } from '@keeper/core/domain/meeting/meeting';
import type { LegalSize } from '@keeper/core/domain/water/rules';
import { checked } from './fields.js';

/** The object that a field stands in; what is wrong with its other fields is said at those. */
const beside = <T>(args: { object: object } | undefined) => args?.object as Partial<T> | undefined;

/** A count of a unit of mass that some freshwater fish could weigh, above or below zero. */
export function IsWeighable(): PropertyDecorator {
  return checked({
    name: 'isWeighable',
    validate: (count, args) => {
      const unit = beside<Mass>(args)?.unit;
      if (typeof count !== 'number' || unit === undefined || !MASS_UNITS.includes(unit)) return true;
      return Math.abs(gramsOf({ unit, count })) <= MOST_GRAMS;
    },
    sentence: `No freshwater fish weighs more than ${MOST_GRAMS / 1000} kg. Check the unit.`,
  });
}

/** A count of a unit of length that some freshwater fish could have. */
export function IsOnABoard(): PropertyDecorator {
  return checked({
    name: 'isOnABoard',
    validate: (count, args) => {
      const unit = beside<Length>(args)?.unit;
      if (typeof count !== 'number' || unit === undefined || !LENGTH_UNITS.includes(unit)) return true;
      return lengthMm({ unit, count }) <= LONGEST_MM;
    },
    sentence: `No freshwater fish is longer than ${LONGEST_MM / 1000} m. Check the unit.`,
  });
}

/** It is not the one that stands in another field. */
export function IsOfAnother(field: string): PropertyDecorator {
  return checked({
    name: 'isOfAnother',
    validate: (id, args) => id !== beside<Record<string, unknown>>(args)?.[field],
    sentence: 'These two are one already: choose another.',
  });
}

/** A keeper of the book is named by id, and nobody else is. */
export function HasItsKeeper(): PropertyDecorator {
  return checked({
    name: 'hasItsKeeper',
    validate: (who, args) => (who === 'keeper') === (beside<OtherKeeper>(args)?.keeperId !== undefined),
    sentence: 'Say which keeper it is, and for a guest say none.',
  });
}

/** The sling weighs less than the fish in the sling. */
export function IsUnderGross(): PropertyDecorator {
  return checked({
    name: 'isUnderGross',
    validate: (tare, args) => {
      const { method = 'gross-minus-tare', asRead } = beside<WeightReading>(args) ?? {};
      if (method !== 'gross-minus-tare' || !isMass(asRead) || !isMass(tare)) return true;
      return gramsOf(tare) < gramsOf(asRead);
    },
    sentence: 'The tare is as heavy as fish and sling together. One of them was misread.',
  });
}

/** What two scales read of one fish is counted in one family of units, and by one method. */
export function IsAddable(): PropertyDecorator {
  return checked({
    name: 'isAddable',
    validate: (also, args) => {
      const { asRead, tare } = beside<WeightReading>(args) ?? {};
      const other = (also ?? {}) as Partial<AlsoRead>;
      if (!isMass(asRead) || !isMass(other.asRead)) return true;
      return addMasses(asRead, other.asRead).ok && (tare === undefined) === (other.tare === undefined);
    },
    sentence: 'Two scales are read in the same units, and each with its own sling, or both set to zero with theirs.',
  });
}

/** At the desk a gross weight comes with its tare: without it the fish's own weight is not known. */
export function HasItsTare(): PropertyDecorator {
  return checked({
    name: 'hasItsTare',
    validate: (weight) => {
      const { method, tare } = (weight ?? {}) as Partial<WeightReading>;
      return method !== 'gross-minus-tare' || tare !== undefined;
    },
    sentence: 'A gross weight needs the weight of the sling. Without it the weight of the fish is not known.',
  });
}

/** Scale forms belong to the carp. */
export function IsFormOfSpecies(): PropertyDecorator {
  return checked({
    name: 'isFormOfSpecies',
    validate: (form, args) => {
      const species = beside<{ species: SpeciesId | null }>(args)?.species;
      if (!species || !isForm(form)) return true;
      return speciesOf(species)?.forms.includes(form) ?? true;
    },
    sentence: 'This species has no such form.',
  });
}

/** An outing ends after it began, and not months later. */
export function EndsAfterItBegan(): PropertyDecorator {
  return checked({
    name: 'endsAfterItBegan',
    validate: (toAt, args) => {
      const lastsMs = Date.parse(toAt as string) - Date.parse(beside<{ fromAt: string }>(args)?.fromAt ?? '');
      return Number.isNaN(lastsMs) || (lastsMs > 0 && lastsMs <= LONGEST_OUTING_MS);
    },
    sentence: 'An outing ends after it began, within two weeks.',
  });
}

function isForm(value: unknown): value is FormId {
  return FORM_IDS.some((form) => form === value);
}

function isMass(value: unknown): value is Mass {
  const { unit, count } = (value ?? {}) as Partial<Mass>;
  return typeof count === 'number' && MASS_UNITS.some((each) => each === unit);
}

/** The most of a span lies over its least; where one of them is left out there is nothing to hold. */
export function IsOverLeast(): PropertyDecorator {
  return checked({
    name: 'isOverLeast',
    validate: (mostMm, args) => {
      const leastMm = beside<LegalSize>(args)?.leastMm;
      return typeof mostMm !== 'number' || typeof leastMm !== 'number' || mostMm > leastMm;
    },
    sentence: 'The least size lies under the most.',
  });
}

/** Dates that are turned round are no span. */
export function IsAfterItsBeginning(): PropertyDecorator {
  return checked({
    name: 'isAfterItsBeginning',
    validate: (toAt, args) => {
      const fromAt = beside<Meeting>(args)?.fromAt;
      if (typeof toAt !== 'string' || typeof fromAt !== 'string') return true;
      return !(Date.parse(toAt) <= Date.parse(fromAt));
    },
    sentence: 'It ends before it begins. Turn the dates round.',
  });
}
