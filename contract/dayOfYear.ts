import { ValidateBy, type ValidationOptions } from 'class-validator';
import { isDayOfYear, type DayOfYear } from '@keeper/core/water/season';

/** Refuses days that no year has, such as the 31st of June. */
export function IsDayOfYear(options?: ValidationOptions): PropertyDecorator {
  return ValidateBy(
    {
      name: 'isDayOfYear',
      validator: {
        validate: (value: unknown) => isDayOfYear(value as DayOfYear),
        defaultMessage: () =>
          'There is no such day. A season runs from one day of the year to another, such as 15 March.',
      },
    },
    options,
  );
}
