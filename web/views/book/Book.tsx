import { Fragment, useState } from 'react';
import { useSearchParams } from 'react-router';
import { speciesName, type SpeciesId } from '@keeper/core/fish/species';
import type { PictureInBook } from '@keeper/contract/book';
import type { CaptureSummary } from '@keeper/core/capture/summary';
import { BOOK_ORDERS, type BookOrder } from '@keeper/contract/orders';
import { useBook, useBookPictures, useTally } from '../../data/queries.js';
import { useWaters } from '../../data/rows.js';
import { useWaitingSummaries } from '../../data/useRecentCaptures.js';
import { CaptureRow } from '../../parts/CaptureRow.js';
import { BlankRow, useBlanks } from './blanks.js';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';
import { monthText } from '../../parts/when.js';
import { PictureGrid } from './PictureGrid.js';

const ALL = 'all';
const ORDER_WORDS: Readonly<Record<BookOrder, string>> = {
  newest: 'Newest first',
  oldest: 'Oldest first',
  heaviest: 'Heaviest first',
};

/** Every capture, newest first, each with its waterline; or all their pictures side by side. */
export function Book() {
  const [species, setSpecies] = useState<SpeciesId>();
  const [waterId, setWaterId] = useState<string>();
  const [order, setOrder] = useState<BookOrder>('newest');
  const [search, setSearch] = useSearchParams();
  const asPictures = search.get('as') === 'pictures';
  const tally = useTally().data;
  const waters = useWaters();
  const book = useBook({ species, waterId, order });
  const waiting = useWaitingSummaries().filter(({ outcome }) => outcome !== 'open');
  const listed = book.data?.pages.flatMap(({ rows }) => rows) ?? [];
  const heldHere = new Map(waiting.map((row) => [row.captureId, row]));
  const onTop =
    order === 'newest'
      ? waiting.filter((row) => fits(row, species, waterId) && !listed.some((each) => each.captureId === row.captureId))
      : [];
  const rows = [...onTop, ...listed.map((row) => heldHere.get(row.captureId) ?? row)];
  const shown = useBookPictures({ species, waterId, order }, asPictures);
  const pictures = picturesIn(
    shown.data ?? [],
    order === 'newest' ? waiting.filter((row) => fits(row, species, waterId)) : [],
  );
  const blanks = useBlanks(rows, { species, waterId, order, more: book.hasNextPage });
  const entries = [
    ...rows.map((capture) => ({ key: capture.captureId, at: capture.startedAt ?? '', capture })),
    ...blanks.map((outing) => ({ key: outing.outingId, at: new Date(outing.fromMs).toISOString(), outing })),
  ];
  if (blanks.length > 0) entries.sort((a, b) => b.at.localeCompare(a.at));
  const everyWater = waters.map((water) => ({ value: water.id, label: water.name }));
  return (
    <>
      <h1 className="text-3xl font-semibold">The book</h1>
      {tally && (
        <p className="mt-1 mb-5 text-soft">
          {tally.captures - tally.lost} fish, {tally.lost === 0 ? 'none' : tally.lost} lost on the way in.
        </p>
      )}
      <div
        className="mb-6 grid grid-cols-2 gap-3 sm:grid-cols-[1fr_1fr_1fr_auto]"
        role="group"
        aria-label="What is shown"
      >
        <Picker
          label="Species"
          value={species ?? ALL}
          onChange={(chosen) => setSpecies(chosen === ALL ? undefined : (chosen as SpeciesId))}
          options={[
            { value: ALL, label: 'Every species' },
            ...(tally?.bySpecies ?? []).map((row) => ({
              value: row.species,
              label: `${speciesName(row.species)}, ${row.captures}`,
            })),
          ]}
        />
        <Picker
          label="Water"
          value={waterId ?? ALL}
          onChange={(chosen) => setWaterId(chosen === ALL ? undefined : chosen)}
          options={[{ value: ALL, label: 'Every water' }, ...everyWater]}
        />
        <Picker
          label="Order"
          value={order}
          onChange={(chosen) => setOrder(chosen as BookOrder)}
          options={BOOK_ORDERS.map((each) => ({ value: each, label: ORDER_WORDS[each] }))}
        />
        <div className="col-span-2 sm:col-span-1">
          <Choice
            label="The book as"
            value={asPictures ? 'pictures' : 'lines'}
            onChange={(as) => setSearch(as === 'pictures' ? { as } : {}, { replace: true })}
            options={[
              { value: 'lines', label: 'Lines' },
              { value: 'pictures', label: 'Pictures' },
            ]}
          />
        </div>
      </div>
      {(asPictures ? shown.isError && pictures.length === 0 : book.isError && rows.length === 0) && (
        <Notice>
          The server cannot be reached, so the book cannot be opened here. What you enter is kept on this device.
        </Notice>
      )}
      {!asPictures && book.isSuccess && rows.length === 0 && (
        <p className="text-soft">No fish of that kind from there yet.</p>
      )}
      {asPictures && shown.isSuccess && (
        <>
          {pictures.length === 0 && <p className="text-soft">No picture of that kind from there yet.</p>}
          <PictureGrid pictures={pictures} byMonth={order !== 'heaviest'} />
        </>
      )}
      {asPictures ? null : (
        <ul>
          {entries.map((entry, i) => {
            const month = monthText(entry.at);
            const heads = order !== 'heaviest' && month !== monthText(entries[i - 1]?.at ?? '');
            return (
              <Fragment key={entry.key}>
                {heads && (
                  <li className="pt-6 pb-2 first:pt-0">
                    <h2 className="text-xl font-semibold">{month}</h2>
                  </li>
                )}
                {'capture' in entry ? <CaptureRow capture={entry.capture} /> : <BlankRow outing={entry.outing} />}
              </Fragment>
            );
          })}
        </ul>
      )}
      {!asPictures && book.hasNextPage && (
        <button
          type="button"
          className="button mt-6 w-full"
          disabled={book.isFetchingNextPage}
          onClick={() => void book.fetchNextPage()}
        >
          Turn the page
        </button>
      )}
    </>
  );
}

/** What waits on this device stands before what the server has, once. */
function picturesIn(listed: readonly PictureInBook[], waiting: readonly CaptureSummary[]): PictureInBook[] {
  const own = waiting.flatMap(({ pictures, ...fish }) => pictures.map((picture) => ({ ...fish, ...picture })));
  const has = new Set(own.map(({ captureId, sha256 }) => `${captureId} ${sha256}`));
  return [...own, ...listed.filter(({ captureId, sha256 }) => !has.has(`${captureId} ${sha256}`))];
}

function fits(row: { species: string | null; waterId: string | null }, species?: string, waterId?: string): boolean {
  return (!species || row.species === species) && (!waterId || row.waterId === waterId);
}
