import { Link } from 'react-router';
import type { Factor } from '@keeper/core/findings/factors';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import { paths } from '../../app/paths.js';
import { useMeasured } from '../../data/useMeasured.js';
import { Sheet } from '../../parts/Sheet.js';
import { weekdayText } from '../../parts/when.js';
import { FishLine } from './FishLine.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { useBehind } from '../../parts/findings/useFindings.js';

interface BehindProps {
  readonly filter: RecordFilter;
  readonly factor: Factor;
  /** Null while it is closed. */
  readonly level: string | null;
  readonly title: string;
  readonly onClose: () => void;
}

/** The fish and the outings that a rate rests on, blanks with them. */
export function Behind({ filter, factor, level, title, onClose }: BehindProps) {
  const behind = useBehind(filter, factor, level).data;
  const measured = useMeasured();
  const byId = new Map(measured.map((fish) => [fish.captureId, fish]));
  return (
    <Sheet title={title} open={level !== null} onOpenChange={(open) => !open && onClose()}>
      {!behind ? (
        <p role="status">{findingsText.working}</p>
      ) : (
        <div className="grid gap-4">
          <p>{findingsText.behindCounts({ fish: behind.fish.length, outings: behind.outings.length })}</p>
          <ul>
            {behind.fish.map((captureId) => (
              <li key={captureId} className="border-t border-rule">
                <Link to={paths.capture(captureId)} className="block py-2">
                  <FishLine fish={byId.get(captureId)} />
                </Link>
              </li>
            ))}
          </ul>
          <h3 className="font-semibold">{findingsText.blanksThere}</h3>
          <ul className="grid gap-x-6 sm:grid-cols-2">
            {behind.outings
              .filter(({ isBlank }) => isBlank)
              .map(({ outingId, fromMs }) => (
                <li key={outingId}>
                  <Link to={paths.outing(outingId)} className="quiet-link py-1">
                    {weekdayText(new Date(fromMs))}
                  </Link>
                </li>
              ))}
          </ul>
        </div>
      )}
    </Sheet>
  );
}
