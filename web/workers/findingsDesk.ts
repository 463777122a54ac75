import { expose } from 'comlink';
import { behindLevel, type BehindLevel } from '@keeper/core/findings/behindLevel';
import { tellPart, type BookTold, type Part } from '@keeper/core/findings/bookTold';
import type { Factor } from '@keeper/core/findings/factors';
import type { FishingRecord } from '@keeper/core/findings/fishingRecord';
import { partOfRecord, type RecordFilter } from '@keeper/core/findings/partOfRecord';
import { createRng } from '@keeper/core/statistics/rng';
import type { SpeciesId } from '@keeper/core/domain/fish/species';

/** What can be filtered by: what the record has at all. */
export interface InRecord {
  readonly waters: readonly string[];
  readonly swims: readonly string[];
  readonly kinds: readonly SpeciesId[];
  readonly years: readonly number[];
  readonly keepers: readonly string[];
}

/** Something that was worked out, and the state of the book that it was worked out from. */
export interface Told<T> {
  readonly revision: string;
  readonly told: T;
}

interface ReadRecord {
  readonly revision: string;
  readonly record: FishingRecord;
}

/** Parts of one page are asked for together: they rest on one reading. */
const STILL_NEW_MS = 3_000;

let read: { readonly atMs: number; readonly record: Promise<ReadRecord> } | undefined;

function readRecord(): Promise<ReadRecord> {
  if (!read || performance.now() - read.atMs > STILL_NEW_MS) read = { atMs: performance.now(), record: fetchRecord() };
  return read.record;
}

/** Read here and not by the page: the years of a book are more than a page takes in without stopping. */
async function fetchRecord(): Promise<ReadRecord> {
  const answer = await fetch('/api/findings/record');
  if (!answer.ok) throw new Error(String(answer.status));
  return (await answer.json()) as ReadRecord;
}

const desk = {
  /** What is in the record, so that it can be filtered by it. */
  async look(): Promise<InRecord> {
    const { outings, fish } = (await readRecord()).record;
    const once = <T>(of: readonly T[]): T[] => [...new Set(of)].filter((each) => each !== null && each !== undefined);
    const inYear = (atMs: number) => new Date(atMs).getUTCFullYear();
    return {
      waters: once([...outings.map(({ waterId }) => waterId ?? ''), ...fish.map(({ waterId }) => waterId ?? '')]),
      swims: once(outings.flatMap(({ stretches }) => stretches.map(({ swimId }) => swimId ?? ''))),
      kinds: once(fish.flatMap(({ species }) => species ?? [])),
      years: once([
        ...outings.map(({ fromMs }) => inYear(fromMs)),
        ...fish.flatMap(({ atMs }) => (atMs === null ? [] : inYear(atMs))),
      ]).sort((a, b) => b - a),
      keepers: once(fish.flatMap(({ keeperId }) => keeperId ?? [])),
    };
  },
  /** One part of what the book tells; null where the book stands as it did at `known`. */
  async tell<P extends Part>(
    part: P,
    asked: { readonly filter: RecordFilter; readonly goals: readonly number[]; readonly known: string | undefined },
    onPart: (done: number, of: number) => void,
  ): Promise<Told<BookTold[P]> | null> {
    const { revision, record } = await readRecord();
    if (revision === asked.known) return null;
    const { filter, goals } = asked;
    return { revision, told: tellPart(part, record, { luck: createRng('findings'), filter, goals, onPart }) };
  },
  async behind(filter: RecordFilter, factor: Factor, level: string): Promise<BehindLevel> {
    const { keeperId: _whose, ...of } = filter;
    return behindLevel(partOfRecord((await readRecord()).record, of), factor, level);
  },
};

export type FindingsDesk = typeof desk;
expose(desk);
