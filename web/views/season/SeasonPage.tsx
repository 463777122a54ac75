import { Printer } from 'lucide-react';
import { Link, useParams } from 'react-router';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { speciesName } from '@keeper/core/domain/fish/species';
import { paths } from '../../app/paths.js';
import { useSettings } from '../../data/queries.js';
import { useWaters } from '../../data/rows.js';
import { useOutings } from '../../data/useOuting.js';
import { BookPicture } from '../../parts/BookPicture.js';
import { CaptureRow } from '../../parts/CaptureRow.js';
import { MassText } from '../../parts/MassText.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { takenText, weekdayText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import { LookedBackOn } from './LookedBackOn.js';
import { seasonOf } from './seasonOf.js';
import { seasonText } from './text.en-GB.js';
import { useSeason } from './useSeason.js';

/** A year looked back on, to be read on a winter evening and to be printed. */
export function SeasonPage() {
  const { year = '' } = useParams();
  const rows = useSeason(year);
  const outings = useOutings();
  if (rows.isError) return <Notice>{seasonText.notHere}</Notice>;
  if (!rows.data) return <p>{seasonText.reading}</p>;
  const season = seasonOf(rows.data, outings, year);
  const { landed, lost, blanks, rodHours } = season;
  if (rows.data.length + season.outings.length === 0) return <p>{seasonText.nothingIn({ year })}</p>;
  const notes = season.outings.filter(({ note }) => note !== null).toSorted((a, b) => a.fromMs - b.fromMs);
  return (
    <article className="grid gap-8">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h1 className="text-4xl font-semibold">{seasonText.theSeason({ year })}</h1>
        <button type="button" className="button print:hidden" onClick={() => window.print()}>
          <Printer size={20} aria-hidden />
          {seasonText.print}
        </button>
      </div>
      <p className="max-w-prose font-book text-xl">
        {seasonText.inAll({ fish: landed.length, lost, outings: season.outings.length, hours: rodHours, blanks })}
      </p>
      {season.faces.length > 0 && (
        <Section title={seasonText.faces}>
          <ul className="grid grid-cols-2 gap-4 md:grid-cols-4 print:grid-cols-2">
            {season.faces.map((fish) => (
              <Face key={fish.captureId} fish={fish} />
            ))}
          </ul>
        </Section>
      )}
      {season.bests.length > 0 && (
        <Section title={seasonText.bests}>
          <ul>
            {season.bests.map((fish) => (
              <Best key={fish.captureId} fish={fish} />
            ))}
          </ul>
        </Section>
      )}
      <LookedBackOn year={Number(year)} />
      {notes.length > 0 && (
        <Section title={seasonText.learned}>
          <ul className="grid max-w-prose gap-4">
            {notes.map(({ outingId, note, fromMs }) => (
              <li key={outingId} className="break-inside-avoid">
                <span className="block text-sm text-soft">{weekdayText(new Date(fromMs))}</span>
                <span className="block border-l-4 border-rule pl-4 font-book text-lg whitespace-pre-line">{note}</span>
              </li>
            ))}
          </ul>
        </Section>
      )}
      <Section title={seasonText.everyFish}>
        <ul>
          {rows.data.map((capture) => (
            <CaptureRow key={capture.captureId} capture={capture} />
          ))}
        </ul>
      </Section>
    </article>
  );
}

function Face({ fish }: { fish: CaptureSummary }) {
  const { massUnit } = useSettings();
  const waterName = useWaterName();
  const [picture] = fish.pictures;
  if (!picture) return null;
  return (
    <li className="break-inside-avoid">
      <Link to={paths.capture(fish.captureId)} className="block">
        <BookPicture picture={picture} size="view" eager className="aspect-4/3 w-full rounded" />
        <span className="mt-1 flex flex-wrap justify-between gap-x-3 font-semibold">
          {say(speciesName(fish.species, fish.form, fish.kindName))}
          {fish.net && <MassText mass={fish.net} unit={massUnit} />}
        </span>
        <span className="block text-sm text-soft">
          {seasonText.of({ when: takenText(fish), water: waterName(fish.waterId) })}
        </span>
      </Link>
    </li>
  );
}

function Best({ fish }: { fish: CaptureSummary }) {
  const { massUnit } = useSettings();
  const waterName = useWaterName();
  return (
    <li className="flex flex-wrap items-baseline gap-x-3 border-t border-rule py-2 text-lg">
      <b>{say(speciesName(fish.species, fish.form, fish.kindName))}</b>
      {fish.net && <MassText mass={fish.net} unit={massUnit} />}
      <span className="text-soft">{seasonText.of({ when: takenText(fish), water: waterName(fish.waterId) })}</span>
    </li>
  );
}

function useWaterName(): (id: string | null) => string | null {
  const waters = useWaters();
  return (id) => waters.find((water) => water.id === id)?.name ?? null;
}
