import { paths } from '../../app/paths.js';
import { fishText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { startTransition, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { heaviestOf, lastOf, type KnownFish } from '@keeper/core/domain/identity/knownFish';
import { speciesName, type SpeciesId } from '@keeper/core/domain/fish/species';
import type { MassUnit } from '@keeper/core/measure/mass';
import { useRegister, type Register } from '../../data/known.js';
import { useSettings } from '../../data/queries.js';
import { BookPicture } from '../../parts/BookPicture.js';
import { Choice } from '../../parts/Choice.js';
import { MassText } from '../../parts/MassText.js';
import { dayText } from '../../parts/when.js';
import { GrowthHere } from './GrowthHere.js';
import { countText } from './fishWords.js';

const ALL = 'all';
const AT_ONCE = 24;

/** The register: every fish that the keeper knows again, the one that was seen last first. */
export function RegisterPage() {
  const register = useRegister();
  const { massUnit } = useSettings();
  const [species, setSpecies] = useState<SpeciesId | typeof ALL>(ALL);
  const kinds = [...new Set(register.fish.flatMap(({ captures: [{ species: kind }] }) => kind ?? []))];
  const shown = register.fish.filter(({ captures: [{ species: kind }] }) => species === ALL || kind === species);
  const [all, setAll] = useState(false);
  // A thousand fish are there at once where they are seen first; the others follow when there is time.
  useEffect(() => void startTransition(() => setAll(true)), []);
  const again = register.fish.filter(({ captures }) => captures.length > 1).length;
  return (
    <div className="grid gap-6">
      <div>
        <h1 className="text-3xl font-semibold">{fishText.knownFish}</h1>
        <p className="mt-1 max-w-prose text-soft">
          {register.fish.length === 0
            ? fishText.noneYetAFish
            : fishText.knownFishRecaptured({
                fishCount: register.fish.length,
                length: again === register.fish.length,
                again,
              })}
        </p>
      </div>
      <div className="flex flex-wrap gap-3">
        <Link to={paths.sweep} className="button button-main">
          {fishText.sweepTheBook}
        </Link>
        <Link to={paths.friends} className="button">
          {fishText.friendsOnTheWater}
        </Link>
      </div>
      {kinds.length > 1 && (
        <Choice
          label={fishText.kind}
          value={species}
          onChange={setSpecies}
          options={[
            { value: ALL, label: fishText.allKinds },
            ...kinds.map((kind) => ({ value: kind, label: say(speciesName(kind)) })),
          ]}
        />
      )}
      <ul className="grid grid-cols-2 gap-x-5 gap-y-7 sm:grid-cols-3">
        {shown.slice(0, all ? shown.length : AT_ONCE).map((fish) => (
          <Tile key={fish.fishId} fish={fish} register={register} massUnit={massUnit} />
        ))}
      </ul>
      {species !== ALL && <GrowthHere fish={shown} species={species} />}
    </div>
  );
}

interface TileProps {
  readonly fish: KnownFish;
  readonly register: Register;
  readonly massUnit: MassUnit;
}

function Tile({ fish, register, massUnit }: TileProps) {
  const picture = fish.captures.toReversed().flatMap(({ pictures }) => pictures)[0];
  const heaviest = heaviestOf(fish);
  const last = lastOf(fish);
  return (
    // Fish out of sight cost nothing: a register of a thousand opens at once.
    <li className="[contain-intrinsic-size:auto_17rem] [content-visibility:auto]">
      <Link to={paths.fish(fish.fishId)} className="grid gap-1">
        {picture ? (
          <BookPicture picture={picture} size="thumb" decorative className="aspect-4/3 w-full rounded-lg" />
        ) : (
          <span className="grid aspect-4/3 place-items-center rounded-lg border border-dashed border-rule text-soft">
            {fishText.noPicture}
          </span>
        )}
        <span className="mt-1 truncate font-book text-xl font-semibold">{register.nameOf(fish.fishId)}</span>
        <span className="text-sm text-soft">
          {fishText.lastOn({
            length: countText(fish.captures.length),
            startedAt: dayText(last.startedAt ?? '', last.zone),
          })}
          {heaviest && (
            <>
              {fishText.best} <MassText mass={heaviest.net} unit={massUnit} />
            </>
          )}
        </span>
      </Link>
    </li>
  );
}
