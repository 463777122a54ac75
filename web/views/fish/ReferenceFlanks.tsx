import { paths } from '../../app/paths.js';
import { fishText } from './text.en-GB.js';
import { Link } from 'react-router';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { shownInBook } from '@keeper/core/domain/capture/summary';
import { BookPicture } from '../../parts/BookPicture.js';
import { Section } from '../../parts/Section.js';
import { dayText } from '../../parts/when.js';

const SIDES = [
  { role: 'left-flank', name: fishText.left },
  { role: 'right-flank', name: fishText.right },
] as const;

/** Both flanks as they looked last: the two sides of a fish are two patterns. */
export function ReferenceFlanks({ states }: { states: readonly CaptureState[] }) {
  const newest = states.toReversed();
  const shown = SIDES.map(({ role, name }) => {
    const found = newest.flatMap((state) =>
      state.pictures.filter((picture) => picture.role === role).map((picture) => ({ state, picture })),
    );
    // One that was laid straight says more.
    return { name, of: found.find(({ picture }) => picture.reading?.view) ?? found[0] };
  });
  if (shown.every(({ of }) => !of)) return null;
  return (
    <Section title={fishText.itsFlanks}>
      <ul className="grid grid-cols-2 gap-4">
        {shown.map(({ name, of }) => (
          <li key={name}>
            {of ? (
              <Link to={paths.picture(of.state.captureId, of.picture.sha256)}>
                <BookPicture picture={shownInBook(of.picture)} size="view" className="aspect-2/1 w-full rounded" />
                <span className="text-sm text-soft">
                  {name}, {dayText(of.state.startedAt ?? '', of.state.zone)}
                </span>
              </Link>
            ) : (
              <p className="grid aspect-2/1 place-items-center rounded border border-dashed border-rule p-2 text-center text-sm text-soft">
                {fishText.noPictureYetTake({ name })}
              </p>
            )}
          </li>
        ))}
      </ul>
    </Section>
  );
}
