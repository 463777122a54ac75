import { paths } from '../../app/paths.js';
import { writeUpText } from './text.en-GB.js';
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
      <h1 className="mb-2 text-3xl font-semibold">{writeUpText.writeUp}</h1>
      <p className="mb-5 max-w-prose text-soft">
        {rows.length > 0
          ? writeUpText.eachIsAskedAbout
          : book.isError
            ? writeUpText.theBookCannotBe
            : writeUpText.nothingWaitsEveryFish}
      </p>
      <ul>
        {rows.map((capture) => (
          <CaptureRow key={capture.captureId} capture={capture} to={paths.writeUp(capture.captureId)} />
        ))}
      </ul>
    </>
  );
}
