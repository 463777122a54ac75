import { IsIn } from 'class-validator';
import { DARWIN_PLACES, type DarwinPlace } from '@keeper/core/formats/darwinCore';
import { IsCalendarDay, IsName, Maybe } from './fields.js';

/** Which known fish leave for science: those that were caught again, or all. */
export const DARWIN_FISH = ['recaptured', 'known'] as const;

/** What an archive of known fish holds. */
export class DarwinQueryDto {
  @IsName(60, 'Say whose records they are: whoever uses them must be able to name and ask you.') from: string;
  @Maybe() @IsIn(DARWIN_PLACES) place?: DarwinPlace;
  @Maybe() @IsIn(DARWIN_FISH) fish?: (typeof DARWIN_FISH)[number];
}

/** Which fish of a water its bailiff hears of: between two days, both included. */
export class ReportQueryDto {
  @Maybe() @IsCalendarDay() fromDay?: string;
  @Maybe() @IsCalendarDay() toDay?: string;
}
