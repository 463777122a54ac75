import { isId } from '@keeper/core/measure/id';
import 'reflect-metadata';
import { Transform, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsObject,
  Matches,
  ValidateBy,
  ValidateIf,
  ValidateNested,
  type ValidationArguments,
  type ValidationOptions,
} from 'class-validator';
import { FIRST_YEAR, isMoment, LAST_YEAR, utcOf } from '@keeper/core/measure/moment';
import { isPlainText, isVisible } from '@keeper/core/measure/plainText';

/** Puts several decorators on one property. */
function together(...decorators: PropertyDecorator[]): PropertyDecorator {
  return (target, property) => {
    for (const decorate of decorators) decorate(target, property);
  };
}

interface Check {
  readonly name: string;
  readonly validate: (value: unknown, args?: ValidationArguments) => boolean;
  readonly sentence: string | ((args?: ValidationArguments) => string);
  /** What it is checked by, for the description of the API. */
  readonly constraints?: readonly unknown[];
}

/** A check of one field with its own sentence. */
export function checked(
  { name, validate, sentence, constraints }: Check,
  options?: ValidationOptions,
): PropertyDecorator {
  const defaultMessage = typeof sentence === 'string' ? () => sentence : sentence;
  return ValidateBy({ name, constraints: [...(constraints ?? [])], validator: { validate, defaultMessage } }, options);
}

/** The field may be left out; `null` is no way of leaving it out. */
export function Maybe(): PropertyDecorator {
  return ValidateIf((_object, value) => value !== undefined);
}

/** One object of a class; a list of them, or a list that is empty, is none. */
export function Nested(of: () => new () => object): PropertyDecorator {
  return together(
    IsObject({ message: ({ property }) => `"${property}" is one object with named fields.` }),
    ValidateNested(),
    Type(of),
  );
}

/** A list of objects of a class. */
export function NestedList(
  of: () => new () => object,
  { least = 0, most, message }: { least?: number; most: number; message?: { least?: string; most?: string } },
): PropertyDecorator {
  return together(
    IsArray(),
    ArrayMinSize(least, message?.least ? { message: message.least } : undefined),
    ArrayMaxSize(most, message?.most ? { message: message.most } : undefined),
    IsObject({ each: true, message: ({ property }) => `Each of "${property}" is one object with named fields.` }),
    ValidateNested({ each: true }),
    Type(of),
  );
}

/** An id: a UUID in small letters, so that one thing has one name. With a version, only of that. */
export function IsId(version?: 7): PropertyDecorator {
  return checked({
    name: 'isId',
    validate: (value) => isId(value) && (version === undefined || value[14] === String(version)),
    sentence: version
      ? 'An id of an event is a UUID of version 7 in small letters.'
      : 'An id is a UUID in small letters.',
  });
}

/**
 * A moment with its zone, written as UTC once and for all. Example: `2026-06-01T06:00+01:00` is kept as
 * `2026-06-01T05:00:00.000Z`.
 */
export function IsMoment(): PropertyDecorator {
  return together(
    Transform(({ value }: { value: unknown }) => utcOf(value) ?? value),
    checked({
      name: 'isMoment',
      validate: isMoment,
      sentence: `A moment is a day, a time and a zone between ${FIRST_YEAR} and ${LAST_YEAR}, such as 2026-06-01T05:00:00Z.`,
    }),
  );
}

const DAY = 'A day is written year-month-day, such as 2026-06-01.';

/** A day of the calendar without a time. */
export function IsCalendarDay(message = DAY): PropertyDecorator {
  return together(
    Matches(/^\d{4}-\d{2}-\d{2}$/, { message }),
    checked({
      name: 'isCalendarDay',
      validate: (value) => typeof value === 'string' && isMoment(`${value}T00:00:00Z`),
      sentence: message,
    }),
  );
}

/** Free text of at most so many letters that every program can read. */
export function IsText(most: number, options?: ValidationOptions): PropertyDecorator {
  return checked(
    {
      name: 'isText',
      constraints: [most],
      validate: (value) => isPlainText(value) && value.length <= most,
      sentence: `Text of at most ${most} letters, without broken or unprintable ones.`,
    },
    options,
  );
}

/** Takes the blanks from both ends of a text. */
export function Trim(): PropertyDecorator {
  return Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.trim() : value));
}

/** A name: text, less the blanks at its ends, with something in it that can be seen. */
export function IsName(most: number, missing: string): PropertyDecorator {
  return together(
    Trim(),
    IsText(most, { message: `A name of at most ${most} letters, without broken or unprintable ones.` }),
    checked({ name: 'isVisible', validate: isVisible, sentence: missing }),
  );
}

/** Why something was put right: a correction is kept with its reason. */
export function IsReason(): PropertyDecorator {
  return together(
    IsText(500),
    checked({
      name: 'isVisible',
      validate: isVisible,
      sentence: 'A correction is kept with its reason. Say in a few words why.',
    }),
  );
}
