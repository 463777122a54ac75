import type { ShownFish } from '@keeper/contract/shown';
import { formatBodyLength } from '@keeper/core/domain/fish/bodyLength';
import { speciesName } from '@keeper/core/domain/fish/species';
import { useSettings } from '../../data/queries.js';
import { useShown } from '../../data/shown.js';
import { MassText } from '../../parts/MassText.js';
import { Notice } from '../../parts/Notice.js';
import { dayText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import { readersText } from './text.en-GB.js';

/** What a reader sees: the fish that the keeper lets it, as pictures with what they were. No place stands anywhere. */
export function ReaderPage() {
  const shown = useShown();
  const fish = shown.data?.pages.flatMap(({ rows }) => rows) ?? [];
  return (
    <main className="mx-auto grid max-w-5xl gap-6 p-4 md:p-10">
      <div>
        <h1 className="text-3xl font-semibold">{readersText.title}</h1>
        <p className="mt-1 max-w-prose text-soft">{readersText.whatItIs}</p>
      </div>
      {shown.isError && <Notice>{readersText.unreachable}</Notice>}
      {shown.isSuccess && fish.length === 0 && <p>{readersText.nothingYet}</p>}
      <ul className="grid gap-x-8 gap-y-7 sm:grid-cols-2 lg:grid-cols-3">
        {fish.map((each) => (
          <Fish key={each.captureId} fish={each} />
        ))}
      </ul>
      {shown.hasNextPage && (
        <button
          type="button"
          className="button justify-self-start"
          disabled={shown.isFetchingNextPage}
          onClick={() => void shown.fetchNextPage()}
        >
          {readersText.more}
        </button>
      )}
    </main>
  );
}

function Fish({ fish }: { fish: ShownFish }) {
  const { massUnit } = useSettings();
  const kind = say(speciesName(fish.species, fish.form, fish.kindName));
  const [picture] = fish.pictures;
  return (
    <li className="border-t border-rule pt-3">
      {picture !== undefined && (
        <img
          src={`/api/shown/${fish.captureId}/pictures/${picture}`}
          alt={readersText.picture({ kind })}
          loading="lazy"
          className="mb-2 aspect-3/2 w-full rounded object-cover"
        />
      )}
      <p className="text-lg font-semibold">{fish.name === null ? kind : `${fish.name}, ${kind.toLowerCase()}`}</p>
      <p className="flex flex-wrap gap-x-3 text-lg tabular-nums">
        {fish.net && <MassText mass={fish.net} unit={massUnit} />}
        {fish.length && <span>{formatBodyLength(fish.length)}</span>}
      </p>
      <p className="text-soft">
        {dayText(fish.day)}
        {fish.whose !== null && `, ${readersText.whoseFish({ name: fish.whose })}`}
      </p>
    </li>
  );
}
