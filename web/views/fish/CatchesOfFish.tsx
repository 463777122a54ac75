import { fishText } from './text.en-GB.js';
import { Fragment } from 'react';
import type { KnownFish } from '@keeper/core/domain/identity/knownFish';
import { CaptureRow } from '../../parts/CaptureRow.js';
import { Section } from '../../parts/Section.js';
import { betweenText } from './fishWords.js';
import { DAY_MS } from '@keeper/core/measure/timeSpan';

/** Every capture, newest first, and how long it was left in peace between. */
export function CatchesOfFish({ fish }: { fish: KnownFish }) {
  const newest = fish.captures.toReversed();
  return (
    <Section title={fishText.captures}>
      <ul className="border-b border-rule">
        {newest.map((capture, i) => {
          const before = newest[i + 1];
          const days = before && (Date.parse(capture.startedAt ?? '') - Date.parse(before.startedAt ?? '')) / DAY_MS;
          return (
            <Fragment key={capture.captureId}>
              <CaptureRow capture={capture} />
              {days !== undefined && (
                <li className="border-l-4 border-water bg-waterfill/40 px-3 py-1 text-sm">{betweenText(days)}</li>
              )}
            </Fragment>
          );
        })}
      </ul>
    </Section>
  );
}
