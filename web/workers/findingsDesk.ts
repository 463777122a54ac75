import { expose } from 'comlink';
import { findingsOf, type FindingsReport } from '@keeper/core/findings/findings';
import type { FishingRecord } from '@keeper/core/findings/fishingRecord';
import { partOfRecord, type RecordFilter } from '@keeper/core/findings/partOfRecord';
import { waterStocks, type WaterStock } from '@keeper/core/findings/waterStocks';
import { createRng } from '@keeper/core/statistics/rng';

/** All that is told of a part of the record. */
export interface BookTold extends FindingsReport {
  readonly stocks: readonly WaterStock[];
}

const desk = {
  /** The same record always says the same: its shuffles begin from one seed. */
  find(record: FishingRecord, filter: RecordFilter, onFactor: (done: number, of: number) => void): BookTold {
    const part = partOfRecord(record, filter);
    return { ...findingsOf(part, createRng('findings'), onFactor), stocks: waterStocks(part) };
  },
};

export type FindingsDesk = typeof desk;
expose(desk);
