import { FilterChips } from './FilterChips.js';
import { FilterSheet } from './FilterSheet.js';
import { FindField } from './FindField.js';
import { LinesOrPictures } from './LinesOrPictures.js';
import { SavedViews } from './SavedViews.js';
import { finerNames, shownBy } from './shownBy.js';
import { bookText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { SlidersHorizontal } from 'lucide-react';
import { Fragment, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { paths } from '../../app/paths.js';
import { speciesName } from '@keeper/core/domain/fish/species';
import type { BookTally, PictureInBook } from '@keeper/contract/book';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { FINER_FILTERS, type FinerFilter } from '@keeper/contract/finerFilter';
import { BOOK_ORDERS, type BookOrder } from '@keeper/contract/orders';
import { useBook, useBookPictures, useTally, type BookFilter } from '../../data/queries.js';
import { useWaters } from '../../data/rows.js';
import { useWaitingSummaries } from '../../data/useRecentCaptures.js';
import { CaptureRow } from '../../parts/CaptureRow.js';
import { BlankRow, useBlanks } from './blanks.js';
import { Notice } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';
import { useHousehold } from '../../parts/useHousehold.js';
import { monthText, pastDateText } from '../../parts/when.js';
import { PictureGrid } from './PictureGrid.js';

const ALL = 'all';
const ORDER_WORDS: Readonly<Record<BookOrder, string>> = {
  newest: bookText.newestFirst,
  oldest: bookText.oldestFirst,
  heaviest: bookText.heaviestFirst,
};

/** Every capture, newest first, each with its waterline; or all their pictures side by side. */
export function Book() {
  // What is shown stands in the address: it is there again on the way back.
  const [search, setSearch] = useSearchParams();
  const { species, waterId, keeperId, order, asPictures, year, q, finer } = shownBy(search);
  const [isAsking, setAsking] = useState(false);
  const finerCount = finerNames(finer).length;
  const show = (
    name: 'kind' | 'water' | 'whose' | 'order' | 'as' | 'year' | 'q' | FinerFilter,
    value: string | undefined,
  ) =>
    setSearch(
      (standing) => {
        if (value === undefined) standing.delete(name);
        else standing.set(name, value);
        return standing;
      },
      { replace: true },
    );
  const showFiner = (wanted: Readonly<Partial<Record<FinerFilter, string>>>) =>
    setSearch(
      (standing) => {
        for (const name of FINER_FILTERS) standing.delete(name);
        for (const [name, value] of Object.entries(wanted)) standing.set(name, value);
        return standing;
      },
      { replace: true },
    );
  const tally = useTally().data;
  const waters = useWaters();
  const household = useHousehold();
  const book = useBook({ species, waterId, keeperId, order, year, q, ...finer });
  const waiting = useWaitingSummaries().filter(({ outcome }) => outcome !== 'open');
  // What waits on this device is told from what is asked for by its kind, its water and its keeper alone.
  const isPlain = order === 'newest' && year === undefined && q === undefined && finerCount === 0;
  const listed = book.data?.pages.flatMap(({ rows }) => rows) ?? [];
  const heldHere = new Map(waiting.map((row) => [row.captureId, row]));
  const onTop = isPlain
    ? waiting.filter(
        (row) => fits(row, { species, waterId, keeperId }) && !listed.some((each) => each.captureId === row.captureId),
      )
    : [];
  const rows = [...onTop, ...listed.map((row) => heldHere.get(row.captureId) ?? row)];
  const shown = useBookPictures({ species, waterId, keeperId, order, year, q, ...finer }, asPictures);
  const pictures = picturesIn(
    shown.data ?? [],
    isPlain ? waiting.filter((row) => fits(row, { species, waterId, keeperId })) : [],
  );
  const blanks = useBlanks(rows, {
    species,
    waterId,
    keeperId,
    order,
    year,
    q,
    isFiner: finerCount > 0,
    more: book.hasNextPage,
  });
  const entries = [
    ...rows.map((capture) => ({ key: capture.captureId, at: capture.startedAt ?? '', capture })),
    ...blanks.map((outing) => ({ key: outing.outingId, at: new Date(outing.fromMs).toISOString(), outing })),
  ];
  if (blanks.length > 0) entries.sort((a, b) => b.at.localeCompare(a.at));
  const isFiltered = finerCount > 0 || [species, waterId, keeperId, q].some((each) => each !== undefined);
  // By weight the years stand mixed. What an earlier version kept on this device has none.
  const years = order === 'heaviest' ? [] : ((tally as Partial<BookTally> | undefined)?.byYear ?? []);
  const everyWater = waters.map((water) => ({ value: water.id, label: water.name }));
  return (
    <div data-wide>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="text-3xl font-semibold">{bookText.theBook}</h1>
        <p className="flex flex-wrap gap-x-6">
          <Link to={paths.findings} className="quiet-link py-2">
            {bookText.whatItTells}
          </Link>
          <Link to={paths.past} className="quiet-link py-2">
            {bookText.fromMemory}
          </Link>
          <Link to={paths.inAndOut} className="quiet-link py-2">
            {bookText.inAndOut}
          </Link>
          <Link to={paths.meetings} className="quiet-link py-2">
            {bookText.meetings}
          </Link>
        </p>
      </div>
      {tally && (
        <p className="mt-1 mb-5 text-soft" data-testid="book-counts">
          {bookText.fishLostOnThe({ lost: tally.captures - tally.lost, lost2: tally.lost })}
          {isFiltered && book.data && bookText.shown({ total: countText(book.data.pages[0]?.total ?? 0) })}
        </p>
      )}
      <SavedViews />
      <div className="mb-3 flex gap-2">
        <FindField value={q ?? ''} onFind={(typed) => show('q', typed || undefined)} />
        <LinesOrPictures
          value={asPictures ? 'pictures' : 'lines'}
          onChange={(as) => show('as', as === 'pictures' ? as : undefined)}
        />
      </div>
      <div
        className="mb-6 flex gap-2 overflow-x-auto pb-1 whitespace-nowrap *:min-w-max *:flex-1 sm:flex-wrap sm:gap-3 sm:overflow-visible"
        role="group"
        aria-label={bookText.whatIsShown}
      >
        <Picker
          label={bookText.species}
          value={species ?? ALL}
          onChange={(chosen) => show('kind', chosen === ALL ? undefined : chosen)}
          options={[
            { value: ALL, label: bookText.everySpecies },
            ...(tally?.bySpecies ?? []).map((row) => ({
              value: row.species,
              label: `${say(speciesName(row.species))}, ${row.captures}`,
            })),
          ]}
        />
        <Picker
          label={bookText.water}
          value={waterId ?? ALL}
          onChange={(chosen) => show('water', chosen === ALL ? undefined : chosen)}
          options={[{ value: ALL, label: bookText.everyWater }, ...everyWater]}
        />
        {household.length > 0 && (
          <Picker
            label={bookText.whose}
            value={keeperId ?? ALL}
            onChange={(chosen) => show('whose', chosen === ALL ? undefined : chosen)}
            options={[
              { value: ALL, label: bookText.everybodys },
              ...household.map(({ id, name, isMe }) => ({ value: id, label: isMe ? bookText.mine : name })),
            ]}
          />
        )}
        <Picker
          label={bookText.order}
          value={order}
          onChange={(chosen) => show('order', chosen === 'newest' ? undefined : chosen)}
          options={BOOK_ORDERS.map((each) => ({ value: each, label: ORDER_WORDS[each] }))}
        />
        <Picker
          label={bookText.fromYear}
          value={year === undefined ? ALL : String(year)}
          onChange={(chosen) => show('year', chosen === ALL ? undefined : chosen)}
          options={[
            { value: ALL, label: order === 'oldest' ? bookText.fromTheFirstYear : bookText.fromTheLatestYear },
            ...years.map((each) => ({ value: String(each.year), label: `${each.year}, ${each.captures}` })),
          ]}
        />
        <button type="button" className="button min-w-max! font-normal" onClick={() => setAsking(true)}>
          <SlidersHorizontal size={18} aria-hidden />
          {bookText.filters({ count: finerCount })}
        </button>
      </div>
      <FilterChips filter={finer} waterId={waterId} onRemove={(name) => show(name, undefined)} />
      <FilterSheet
        open={isAsking}
        onOpenChange={setAsking}
        filter={finer}
        waterId={waterId}
        onFilter={(wanted) => showFiner(wanted)}
      />
      {(asPictures ? shown.isError && pictures.length === 0 : book.isError && rows.length === 0) && (
        <Notice>{bookText.theServerCannotBe}</Notice>
      )}
      {!asPictures && book.isSuccess && rows.length === 0 && (
        <p className="text-soft">{bookText.noFishOfThat({ isFiltered, emptyBook: EMPTY_BOOK })}</p>
      )}
      {asPictures && shown.isSuccess && (
        <>
          {pictures.length === 0 && <p className="text-soft">{bookText.noPictureOfThat({ isFiltered })}</p>}
          <PictureGrid pictures={pictures} byMonth={order !== 'heaviest'} />
        </>
      )}
      {asPictures ? null : (
        <ul className="2xl:grid 2xl:grid-cols-2 2xl:gap-x-14">
          {entries.map((entry, i) => {
            const month = headOf(entry);
            const heads = order !== 'heaviest' && month !== headOf(entries[i - 1]);
            return (
              <Fragment key={entry.key}>
                {heads && (
                  <li className="pt-6 pb-2 first:pt-0 2xl:col-span-2">
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
          {bookText.nextPage}
        </button>
      )}
    </div>
  );
}

const EMPTY_BOOK = bookText.theBookIsEmpty;

function countText(count: number): string {
  return count === 1 ? bookText.oneOfThem : bookText.ofThem({ count });
}

/** What waits on this device stands before what the server has, once. */
function picturesIn(listed: readonly PictureInBook[], waiting: readonly CaptureSummary[]): PictureInBook[] {
  const own = waiting.flatMap(({ pictures, ...fish }) => pictures.map((picture) => ({ ...fish, ...picture })));
  const has = new Set(own.map(({ captureId, sha256 }) => `${captureId} ${sha256}`));
  return [...own, ...listed.filter(({ captureId, sha256 }) => !has.has(`${captureId} ${sha256}`))];
}

function fits(
  row: Pick<CaptureSummary, 'species' | 'waterId' | 'keeperId'>,
  { species, waterId, keeperId }: BookFilter,
): boolean {
  return (
    (!species || row.species === species) &&
    (!waterId || row.waterId === waterId) &&
    (!keeperId || row.keeperId === keeperId)
  );
}

interface Entry {
  readonly at: string;
  readonly capture?: CaptureSummary;
}

/** What a stretch of the book stands under: its month, or less where no more is remembered. */
function headOf(entry: Entry | undefined): string {
  const dated = entry?.capture?.dated;
  return dated && dated.as !== 'day' ? pastDateText(dated) : monthText(entry?.at ?? '');
}
