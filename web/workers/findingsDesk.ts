import { expose } from 'comlink';
import { findingsOf, type FindingsReport } from '@keeper/core/findings/findings';
import type { FishingRecord } from '@keeper/core/findings/fishingRecord';
import { partOfRecord, type RecordFilter } from '@keeper/core/findings/partOfRecord';
import { createRng } from '@keeper/core/statistics/rng';

const desk = {
  /** The same record always says the same: its shuffles begin from one seed. */
  find(record: FishingRecord, filter: RecordFilter, onFactor: (done: number, of: number) => void): FindingsReport {
    return findingsOf(partOfRecord(record, filter), createRng('findings'), onFactor);
  },
};

export type FindingsDesk = typeof desk;
expose(desk);
