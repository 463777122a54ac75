import { isDayOfYear } from '@keeper/core/domain/water/season';
import { checked } from './fields.js';

/** Refuses days that no year has, such as the 31st of June. */
export function IsDayOfYear(): PropertyDecorator {
  return checked({
    name: 'isDayOfYear',
    validate: (value) => isObject(value) && isDayOfYear({ month: Number(value['month']), day: Number(value['day']) }),
    sentence: 'There is no such day. A season runs from one day of the year to another, such as 15 March.',
  });
}

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}
