import { say } from '../../text/say.js';
import { paths } from '../../app/paths.js';
import { fishText } from './text.en-GB.js';
import { Suspense, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { lastOf, type KnownFish } from '@keeper/core/domain/identity/knownFish';
import { consistencyChecks, linkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import { speciesName } from '@keeper/core/domain/fish/species';
import { useDecisions, useRegister } from '../../data/known.js';
import { useSwims, useWaters } from '../../data/rows.js';
import { useCaptureStates } from '../../data/useCaptureStates.js';
import { BookPicture } from '../../parts/BookPicture.js';
import { lazyPart } from '../../parts/lazyPart.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { dayText, takenText } from '../../parts/when.js';
import { WoundCloseUps } from '../../parts/WoundCloseUps.js';
import { woundText } from '../../parts/woundText.js';
import { CatchesOfFish } from './CatchesOfFish.js';
import { Decisions } from './Decisions.js';
import { betweenText, countText, doubtText } from './fishWords.js';
import { NameFish } from './NameFish.js';
import { MergeFish, PartFish } from './PutRight.js';
import { ReferenceFlanks } from './ReferenceFlanks.js';
import { UnderRegister } from './UnderRegister.js';

const Growth = lazyPart(async () => (await import('./Growth.js')).Growth);

/**
 * One known fish: how it looks, how it grew, when and where it was met, how its wounds healed, and who said that it is
 * one.
 */
export function FishPage() {
  const { fishId = '' } = useParams();
  const register = useRegister();
  const fish = register.find(fishId);
  if (fish) return <FishOf key={fishId} fish={fish} name={register.nameOf(fishId)} />;
  if (register.loading) return <p>{fishText.openingThePage}</p>;
  return (
    <div className="grid gap-6">
      <h1 className="text-3xl font-semibold">{fishText.noLongerInThe}</h1>
      <p className="max-w-prose">{fishText.noCatchIsSaid}</p>
      <NowOf fishId={fishId} />
      <Decisions fishId={fishId} />
      <Link to={paths.register} className="button justify-self-start">
        {fishText.knownFish}
      </Link>
    </div>
  );
}

/** Where the catches that were said to be of this fish have gone. */
function NowOf({ fishId }: { fishId: string }) {
  const register = useRegister();
  const decisions = useDecisions();
  const catches = new Set(
    (decisions ?? []).flatMap(({ fishId: said, captureId }) => (said === fishId ? [captureId] : [])),
  );
  const now = [...new Set([...catches].flatMap((captureId) => register.fishOf(captureId) ?? []))];
  if (now.length === 0) return null;
  return (
    <p className="flex flex-wrap gap-3">
      {now.map((id) => (
        <Link key={id} to={paths.fish(id)} className="button button-main">
          {fishText.to({ id: register.nameOf(id) })}
        </Link>
      ))}
    </p>
  );
}

function FishOf({ fish, name }: { fish: KnownFish; name: string }) {
  const ids = useMemo(() => fish.captures.map(({ captureId }) => captureId), [fish]);
  const states = useCaptureStates(ids);
  const doubts = consistencyChecks(fish.captures.map(linkedFacts));
  const [portrait] = fish.captures
    .toReversed()
    .flatMap(({ captureId, pictures }) => pictures.map((picture) => ({ captureId, picture })));
  return (
    <article className="grid gap-8">
      <UnderRegister>
        <NameFish fishId={fish.fishId} name={name} />
        <p className="mt-1 max-w-prose text-lg">
          <Meetings fish={fish} states={states} />
        </p>
      </UnderRegister>
      {doubts.map((doubt) => (
        <Notice key={`${doubt.kind} ${doubt.second.captureId}`}>
          {fishText.isItOneFish({ doubt: doubtText(doubt) })}
        </Notice>
      ))}
      <div className="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[1fr_23rem]">
        <div className="grid gap-8">
          {portrait && (
            <Link to={paths.picture(portrait.captureId, portrait.picture.sha256)}>
              <BookPicture picture={portrait.picture} size="view" className="aspect-4/3 w-full rounded-lg" />
            </Link>
          )}
          <CatchesOfFish fish={fish} />
          <ReferenceFlanks states={states} />
        </div>
        <div className="grid gap-8">
          <Suspense fallback={<div className="h-56" />}>
            <Growth fish={fish} states={states} />
          </Suspense>
          <Wounds states={states} />
          <Section title={fishText.decisions}>
            <Decisions fishId={fish.fishId} />
          </Section>
          <div className="flex flex-wrap gap-3">
            <MergeFish fish={fish} />
            {fish.captures.length > 1 && <PartFish fish={fish} />}
          </div>
        </div>
      </div>
    </article>
  );
}

/** What it is, how often and where it was met, and how long ago. */
function Meetings({ fish, states }: { fish: KnownFish; states: readonly CaptureState[] }) {
  const [now] = useState(() => Date.now());
  const waters = useWaters();
  const swims = useSwims();
  const [first] = fish.captures;
  const last = lastOf(fish);
  const at = [...new Set(fish.captures.flatMap(({ waterId }) => waterId ?? []))];
  const water = fishText.waters({
    names: at.map((id) => waters.find((each) => each.id === id)?.name ?? fishText.aWaterNotIn),
  });
  const placed = states.flatMap(({ swimId }) => swims.find(({ id }) => id === swimId)?.name ?? []);
  const most = [...new Set(placed)].toSorted((a, b) => times(placed, b) - times(placed, a));
  const days = (now - Date.parse(last.startedAt ?? '')) / (24 * 3_600_000);
  return (
    <>
      {say(speciesName(last.species, last.form))}
      {fishText.textSinceOnAt({
        length: countText(fish.captures.length),
        startedAt:
          fish.captures.length > 1
            ? fishText.since({ startedAt: dayText(first.startedAt ?? '', first.zone) })
            : fishText.on({ startedAt: dayText(first.startedAt ?? '', first.zone) }),
        water: water && fishText.at({ water }),
      })}
      {most.length > 0 && fishText.inSwims({ names: most.slice(0, 3).join(', ') })}
      {fish.captures.length > 1 && (days < 1 ? fishText.lastToday : fishText.lastAgo({ days: betweenText(days) }))}.
    </>
  );
}

function times(names: readonly string[], name: string): number {
  return names.filter((each) => each === name).length;
}

/** Every wound that was noted on it, and the same place on all its pictures since. */
function Wounds({ states }: { states: readonly CaptureState[] }) {
  const wounds = states.flatMap((state) => state.wounds.map((wound) => ({ state, wound })));
  if (wounds.length === 0) return null;
  const laid = states.flatMap((state) => state.pictures.map((picture) => ({ state, picture })));
  return (
    <Section title={fishText.woundsAndHealing}>
      <ul>
        {wounds.map(({ state, wound }) => (
          <li key={wound.woundId} className="grid gap-2 border-t border-rule py-2">
            <span>
              {woundText(wound)}
              <span className="block text-sm text-soft">{takenText(state)}</span>
            </span>
            <WoundCloseUps wound={wound} laid={laid} />
          </li>
        ))}
      </ul>
    </Section>
  );
}
