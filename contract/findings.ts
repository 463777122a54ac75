import type { FishingRecord } from '@keeper/core/findings/fishingRecord';

/** All that findings rest on. */
export interface FishingRecordAnswer {
  readonly record: FishingRecord;
  /** Another one wherever the record is another. */
  readonly revision: string;
}
