import { IsIn } from 'class-validator';
import { PAST_DATES, type PastDateAs } from '@keeper/core/measure/pastDate';
import { checked, IsCalendarDay } from './fields.js';

/** A day of the past as far as it is known: it lies between two days of the calendar. */
export class PastDateDto {
  @IsIn(PAST_DATES) as: PastDateAs;
  @IsCalendarDay() from: string;
  @IsCalendarDay() @EndsAfterItBegins() to: string;
}

function EndsAfterItBegins(): PropertyDecorator {
  return checked({
    name: 'endsAfterItBegins',
    validate: (to, args) => typeof to === 'string' && to >= ((args?.object as Partial<PastDateDto>).from ?? ''),
    sentence: 'A date that is known roughly ends on the day it begins, or later.',
  });
}
