import { paths } from '../../app/paths.js';
import { bookText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { memo, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import type { PictureInBook } from '@keeper/contract/book';
import { speciesName } from '@keeper/core/domain/fish/species';
import { formatMassIn } from '@keeper/core/measure/formatMass';
import { massSystemOf } from '@keeper/core/measure/mass';
import { useSettings } from '../../data/queries.js';
import { BookPicture } from '../../parts/BookPicture.js';
import { whenText } from '../../parts/when.js';
import { gridRows } from './gridRows.js';

/** As wide as a picture should be at least, and what stands under it, in CSS pixels. */
const LEAST_WIDTH = 168;
const GAP = 12;
const CAPTION = 52;
const MONTH = 64;
/** Rows that are laid out beyond what is seen, so that their pictures are there when they come into sight. */
const AHEAD = 8;

/** All pictures of the book side by side; only those near what is seen are laid out. */
export function PictureGrid({ pictures, byMonth }: { pictures: readonly PictureInBook[]; byMonth: boolean }) {
  const place = useRef<HTMLDivElement>(null);
  const [{ width, top }, setPlace] = useState({ width: 0, top: 0 });
  useLayoutEffect(() => {
    const node = place.current;
    if (!node) return;
    const measure = () => setPlace({ width: node.clientWidth, top: node.getBoundingClientRect().top + window.scrollY });
    measure();
    const watcher = new ResizeObserver(measure);
    watcher.observe(node);
    return () => watcher.disconnect();
  }, []);
  const columns = Math.max(2, Math.floor((width + GAP) / (LEAST_WIDTH + GAP)));
  // Laid out once, not at every step of scrolling.
  const rows = useMemo(() => gridRows(pictures, columns, byMonth), [pictures, columns, byMonth]);
  const tileHeight = ((width - (columns - 1) * GAP) / columns) * 0.75;
  const heightOf = (row: number) => (rows[row]?.kind === 'month' ? MONTH : tileHeight + CAPTION + GAP);
  const wall = useWindowVirtualizer({
    count: width === 0 ? 0 : rows.length,
    estimateSize: heightOf,
    overscan: AHEAD,
    scrollMargin: top,
  });
  // Heights follow from the width alone; what was reckoned for another width is forgotten.
  useLayoutEffect(() => void wall.measure(), [wall, tileHeight, rows.length]);
  return (
    <div ref={place}>
      <ul className="relative" style={{ height: wall.getTotalSize() }} aria-label={bookText.picturesOfTheBook}>
        {wall.getVirtualItems().map(({ key, index, start }) => {
          const row = rows[index];
          return (
            <li key={key} className="absolute inset-x-0" style={{ top: start - top, height: heightOf(index) }}>
              {row?.kind === 'month' ? (
                <h2 className="flex h-full items-end pb-2 text-xl font-semibold">{row.text}</h2>
              ) : (
                <div
                  className="grid"
                  style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`, columnGap: GAP }}
                >
                  {row?.pictures.map((picture) => (
                    <Tile key={`${picture.captureId} ${picture.sha256}`} picture={picture} height={tileHeight} />
                  ))}
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}

const Tile = memo(function Tile({ picture, height }: { picture: PictureInBook; height: number }) {
  const { massUnit } = useSettings();
  const { captureId, species, form, net, startedAt, zone } = picture;
  const weight = net ? formatMassIn(net, massSystemOf(massUnit)) : bookText.notWeighed;
  return (
    <Link to={paths.capture(captureId)} className="block">
      <span className="block w-full" style={{ height }}>
        <BookPicture picture={picture} size="thumb" decorative eager className="size-full rounded" />
      </span>
      <span className="block truncate pt-1 leading-tight font-semibold">
        {weight}
        {species && (
          <span className="ml-1.5 font-normal text-soft">{say(speciesName(species, form)).toLowerCase()}</span>
        )}
      </span>
      <span className="block truncate text-sm text-soft">{whenText(startedAt ?? '', undefined, zone)}</span>
    </Link>
  );
});
