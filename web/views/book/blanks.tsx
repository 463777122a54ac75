import { paths } from '../../app/paths.js';
import { bookText } from './text.en-GB.js';
import { Link } from 'react-router';
import type { BookOrder } from '@keeper/contract/orders';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import { useSwims, useWaters } from '../../data/rows.js';
import { useOutings } from '../../data/useOuting.js';
import { whenText } from '../../parts/when.js';

interface Shown {
  readonly species: string | undefined;
  readonly waterId: string | undefined;
  /** Of whose fish the book is shown; an outing is nobody's alone. */
  readonly keeperId: string | undefined;
  readonly order: BookOrder;
  /** The book is opened at its end. */
  readonly year: number | undefined;
  /** What is looked for: fish alone. */
  readonly q?: string | undefined;
  /** Something is asked for that only fish have. */
  readonly isFiner?: boolean;
  /** Whether the book goes on after these rows. */
  readonly more: boolean;
}

/** Outings that ended without a fish, among the rows that are shown: a blank belongs in the book as much as a catch. */
export function useBlanks(rows: readonly CaptureSummary[], shown: Shown): readonly OutingSummary[] {
  const outings = useOutings();
  if (shown.species || shown.keeperId || shown.q || shown.isFiner || shown.order !== 'newest') return [];
  const caught = new Set(rows.map(({ outingId }) => outingId));
  const oldestMs = shown.more ? Date.parse(rows.at(-1)?.startedAt ?? '') : -Infinity;
  return outings.filter(
    ({ outingId, endedAt, calledOff, fromMs, waterId }) =>
      endedAt !== null &&
      !calledOff &&
      !caught.has(outingId) &&
      fromMs >= oldestMs &&
      (shown.year === undefined || fromMs < Date.UTC(shown.year + 1, 0, 1)) &&
      (!shown.waterId || shown.waterId === waterId),
  );
}

/** A blank as a line of the book. */
export function BlankRow({ outing }: { outing: OutingSummary }) {
  const water = useWaters().find(({ id }) => id === outing.waterId);
  const swim = useSwims().find(({ id }) => id === outing.swimId);
  const hours = Math.round((outing.toMs - outing.fromMs) / 3_600_000);
  const runs = outing.runsDropped === 0 ? '' : bookText.dropped({ runsDropped: outing.runsDropped });
  return (
    <li className="border-t border-rule">
      <Link
        to={paths.outing(outing.outingId)}
        className="grid min-h-16 grid-cols-[5.5rem_1fr] items-center gap-x-4 py-3"
      >
        <span className="grid h-12 w-22 place-items-center rounded border border-dashed border-rule text-xs text-soft">
          {bookText.blank}
        </span>
        <span>
          <span className="block text-lg font-semibold">{bookText.aBlankHours({ hours, runs })}</span>
          <span className="block text-sm text-soft">
            {whenText(new Date(outing.fromMs).toISOString())}
            <span className="block truncate">{[water?.name, swim?.name].filter(Boolean).join(', ')}</span>
          </span>
        </span>
      </Link>
    </li>
  );
}
