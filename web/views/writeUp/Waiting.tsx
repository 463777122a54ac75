import { CaptureRow } from '../../parts/CaptureRow.js';
import { useBook } from '../../data/queries.js';
import { useWaitingSummaries } from '../../data/useRecentCaptures.js';

/** The captures that still wait for their paperwork. */
export function Waiting() {
  const book = useBook({ waiting: true });
  const held = useWaitingSummaries();
  const listed = book.data?.pages.flatMap(({ rows }) => rows) ?? [];
  const heldIds = new Set(held.map(({ captureId }) => captureId));
  const rows = [...held, ...listed.filter(({ captureId }) => !heldIds.has(captureId))].filter(
    ({ writtenUp, outcome }) => !writtenUp && outcome !== 'open',
  );
  return (
    <>
      <h1 className="mb-2 text-3xl font-semibold">Write up</h1>
      <p className="mb-5 max-w-prose text-soft">
        {rows.length > 0
          ? 'Each is asked about once. Leave blank what you do not know.'
          : book.isError
            ? 'The book cannot be reached from here; what waits on this device is listed.'
            : 'Nothing waits. Every fish that was on is in the book.'}
      </p>
      <ul>
        {rows.map((capture) => (
          <CaptureRow key={capture.captureId} capture={capture} to={`/write-up/${capture.captureId}`} />
        ))}
      </ul>
    </>
  );
}
