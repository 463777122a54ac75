import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { paths } from '../../app/paths.js';
import { useAccess } from '../../data/access.js';
import { useTally } from '../../data/queries.js';
import { Section } from '../../parts/Section.js';
import { BackupSection } from './BackupSection.js';
import { BringBack } from './BringBack.js';
import { BookFiles } from './BookFiles.js';
import { CalendarSection } from './CalendarSection.js';
import { ForOthers } from './ForOthers.js';
import { MapPlaces } from './MapPlaces.js';
import { MergeBook } from './MergeBook.js';
import { inAndOutText } from './text.en-GB.js';

/** All that comes into the book and leaves it, in one place. */
export function InAndOut() {
  const onMachine = useAccess()?.onMachine ?? false;
  const tally = useTally().data;
  const isEmpty = tally !== undefined && tally.captures === 0 && tally.lost === 0;
  return (
    <div data-wide>
      <h1 className="mb-6 text-3xl font-semibold">{inAndOutText.inAndOut}</h1>
      <div className="grid items-start gap-x-12 gap-y-10 lg:grid-cols-3">
        <Column title={inAndOutText.comesIn}>
          {isEmpty && onMachine && <BringBack />}
          <ul>
            {[
              { to: paths.past, name: inAndOutText.pastFish },
              { to: paths.sheet, name: inAndOutText.sheet },
              { to: paths.pictures, name: inAndOutText.oldPictures },
            ].map(({ to, name }) => (
              <li key={to} className="border-b border-rule">
                <Link to={to} className="flex min-h-14 items-center py-2 text-lg">
                  {name}
                </Link>
              </li>
            ))}
          </ul>
          <MergeBook />
          <MapPlaces />
        </Column>
        <Column title={inAndOutText.staysSafe}>
          <BackupSection />
          <BookFiles />
        </Column>
        <Column title={inAndOutText.forOthers}>
          <Section title={inAndOutText.aSeason}>
            <p className="flex flex-wrap gap-3">
              {(tally?.byYear ?? []).slice(0, 6).map(({ year }) => (
                <Link key={year} to={paths.season(String(year))} className="button font-normal">
                  {year}
                </Link>
              ))}
            </p>
          </Section>
          <CalendarSection />
          <ForOthers />
        </Column>
      </div>
    </div>
  );
}

function Column({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="grid gap-8">
      <h2 className="border-b-2 border-ink pb-1 text-2xl font-semibold">{title}</h2>
      {children}
    </div>
  );
}
