import { paths } from '../../app/paths.js';
import { captureText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { clocksAt } from '@keeper/core/domain/capture/clocks';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { speciesName } from '@keeper/core/domain/fish/species';
import { formatBodyLength } from '@keeper/core/domain/fish/bodyLength';
import { formatLength } from '@keeper/core/measure/length';
import { spanText } from '@keeper/core/measure/duration';
import { formatTemperature } from '@keeper/core/measure/temperature';
import { NotHere } from '../../app/NotHere.js';
import { useSettings } from '../../data/queries.js';
import { useSwims, useWaters } from '../../data/rows.js';
import { useCapture } from '../../data/useCapture.js';
import { AddPictures } from '../../parts/AddPictures.js';
import { shownInBook } from '@keeper/core/domain/capture/summary';
import { BookPicture } from '../../parts/BookPicture.js';
import { Section } from '../../parts/Section.js';
import { Sheet } from '../../parts/Sheet.js';
import { WhoLink } from '../../parts/WhoLink.js';
import { Waterline } from '../../parts/Waterline.js';
import { takenText } from '../../parts/when.js';
import { LEAVING_WORDS } from '../../parts/leavingWords.js';
import { useWhoseText } from '../../parts/useWhoseText.js';
import { keeperOf } from '@keeper/core/domain/capture/angler';
import { WeightOfFish } from '../../parts/weight/WeightOfFish.js';
import { AsRead } from '../../parts/weight/AsRead.js';
import { EntryQuestion } from '../../parts/weight/EntryQuestion.js';
import { WeightStands } from '../../parts/weight/WeightStands.js';
import { AmendForm } from './AmendForm.js';
import { Corrections } from './Corrections.js';
import { PicturesGone } from './PicturesGone.js';
import { LeftAs } from './LeftAs.js';
import { StrikeOut, StruckOut } from './StrikeOut.js';
import { HandlingReview } from './HandlingReview.js';
import { RodTold } from './RodTold.js';
import { WoundsNoted } from './WoundsNoted.js';

/** One fish with its whole history: as it happened, as it was read, and as it was corrected. */
export function CapturePage() {
  const { state, loading, missing } = useCapture(useParams()['captureId'] ?? '');
  if (missing) return <NotHere />;
  if (loading) return <p>{captureText.openingThePage}</p>;
  return <CaptureOf state={state} />;
}

function CaptureOf({ state }: { state: CaptureState }) {
  const { facts } = state;
  const { massUnit } = useSettings();
  const waters = useWaters();
  const waterName = waters.find(({ id }) => id === facts.waterId)?.name ?? captureText.aWaterNotIn;
  const swim = useSwims().find(({ id }) => id === state.swimId);
  const whose = useWhoseText()({ angler: facts.angler ?? null, keeperId: keeperOf(facts.angler, state.begunBy) });
  const [amending, setAmending] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const lastMs = state.endMs ?? Math.max(0, ...state.marks.map(({ atMs }) => atMs));
  const lost = state.outcome === 'lost';
  if (state.outcome === 'discarded') return <StruckOut state={state} />;
  return (
    <article>
      <p className="text-soft">
        {takenText(state)}
        {facts.waterId && `, ${waterName}`}
        {swim && `, ${swim.name}`}
      </p>
      <h1 className="text-3xl font-semibold md:text-4xl">
        {lost && !facts.species ? captureText.lostFish : say(speciesName(facts.species, facts.form, facts.kindName))}
      </h1>
      {whose !== null && <p className="mt-1 text-lg">{whose}</p>}
      {state.outcome === 'died' && (
        <p className="mt-1 font-book text-2xl text-rust">{captureText.itWasFoundDead({ leaving: state.leaving })}</p>
      )}
      {!lost && (
        <p className="mt-1 mb-5 flex flex-wrap items-baseline gap-x-4 text-3xl font-bold">
          <WeightOfFish state={state} unit={massUnit} />
          {facts.length && (
            <span className="text-2xl font-normal tabular-nums">
              {formatBodyLength(facts.length)}
              {facts.girth && captureText.round({ girth: formatLength(facts.girth) })}
            </span>
          )}
        </p>
      )}
      {state.origin !== 'bank' ? (
        <p className="mt-3 max-w-prose text-lg">
          {state.origin === 'memory' ? captureText.fromMemory : captureText.thisPageWasStarted}
        </p>
      ) : (
        <>
          <Waterline spells={state.spells} marks={state.marks} untilMs={lastMs} size="page" />
          <HandlingSentence state={state} />
        </>
      )}
      <AroundSentence state={state} />
      <div className="mt-5 max-w-3xl empty:hidden">
        <EntryQuestion state={state} />
      </div>
      <div className="mt-8 grid items-start gap-x-12 gap-y-8 lg:grid-cols-[1fr_21rem]">
        <div className="grid gap-6">
          {facts.note && (
            <p className="max-w-prose border-l-4 border-rule pl-4 font-book text-xl whitespace-pre-line">
              {facts.note}
            </p>
          )}
          <Pictures captureId={state.captureId} pictures={state.pictures.slice(0, 1)} />
          <HandlingReview state={state} />
          <PictureStrip captureId={state.captureId} pictures={state.pictures.slice(1)} />
          <AddPictures state={state} shown={false} />
        </div>
        <div className="grid gap-8">
          <RodTold state={state} />
          <WoundsNoted state={state} />
          {facts.weight && (
            <Section title={captureText.weightAsRead}>
              <AsRead state={state} />
              {(state.origin !== 'memory' || facts.weight.scalesId) && <WeightStands state={state} />}
            </Section>
          )}
          {state.gaps.length > 0 && (
            <Section title={captureText.notReadyAtThe}>
              <ul>
                {state.gaps.map((gap) => (
                  <li key={gap} className="border-t border-rule py-2">
                    {gap}
                  </li>
                ))}
              </ul>
            </Section>
          )}
          <Corrections state={state} />
          <PicturesGone state={state} />
          <div className="flex flex-wrap gap-3">
            <WhoLink state={state} className="button" />
            <button type="button" className="button" onClick={() => setAmending(true)}>
              {captureText.correctAnEntry}
            </button>
            {(state.outcome === 'released' || state.outcome === 'died') && (
              <button type="button" className="button" onClick={() => setLeaving(true)}>
                {captureText.howItLeft}
              </button>
            )}
            {state.outcome === 'released' && (
              <Link to={paths.share(state.captureId)} className="button">
                {captureText.catchCard}
              </Link>
            )}
            {state.endMs !== null && <StrikeOut state={state} />}
            {!state.writtenUp && (
              <Link to={paths.writeUp(state.captureId)} className="button">
                {captureText.writeItUp}
              </Link>
            )}
          </div>
        </div>
      </div>
      <Sheet title={captureText.howItLeft} open={leaving} onOpenChange={setLeaving}>
        <LeftAs state={state} onDone={() => setLeaving(false)} />
      </Sheet>
      <Sheet title={captureText.correctAnEntry} open={amending} onOpenChange={setAmending}>
        <AmendForm state={state} onDone={() => setAmending(false)} />
      </Sheet>
    </article>
  );
}

/** The waterline said in one sentence, with its reason where a number is only a bound. */
function HandlingSentence({ state }: { state: CaptureState }) {
  const clocks = clocksAt(state, 0);
  if (state.endMs === null) return <p>{captureText.theRunIsStill}</p>;
  const times = state.spells.filter(({ medium }) => medium === 'air').length;
  const air =
    times === 0
      ? captureText.neverOutOfThe
      : captureText.outOfTheWater({
          airMs: spanText(clocks.airMs),
          longestAirMs:
            times > 1 ? captureText.inSpellsTheLongest({ times, longestAirMs: spanText(clocks.longestAirMs) }) : '',
        });
  const end =
    { lost: captureText.theLoss, died: captureText.itsEnd }[state.outcome as 'lost'] ?? captureText.theRelease;
  return (
    <p className="mt-3 max-w-prose text-lg">
      {captureText.fromTheTakeTo({
        elapsedMs: spanText(clocks.elapsedMs),
        end,
        fightMs: spanText(clocks.fightMs),
        air,
      })}
      {!state.airComplete && captureText.atLeastNotEvery}.
    </p>
  );
}

function Pictures({ captureId, pictures }: Pick<CaptureState, 'captureId' | 'pictures'>) {
  return pictures.map((picture) => (
    <Link key={picture.sha256} to={paths.picture(captureId, picture.sha256)}>
      <BookPicture picture={shownInBook(picture)} size="view" className="aspect-4/3 w-full rounded-lg" />
    </Link>
  ));
}

/** The further pictures, small and side by side: each opens on the bench. */
function PictureStrip({ captureId, pictures }: Pick<CaptureState, 'captureId' | 'pictures'>) {
  if (pictures.length === 0) return null;
  return (
    <ul aria-label={captureText.furtherPictures} className="grid grid-cols-3 gap-2 sm:grid-cols-4">
      {pictures.map((picture) => (
        <li key={picture.sha256}>
          <Link to={paths.picture(captureId, picture.sha256)}>
            <BookPicture picture={shownInBook(picture)} size="thumb" className="aspect-4/3 w-full rounded" />
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** How it was around it, how the hook came away, and how it left. */
function AroundSentence({ state }: { state: CaptureState }) {
  const { tempHabit } = useSettings();
  const { waterC } = state.conditions;
  const gill = state.recovery.gillBeats.at(-1);
  const said = [
    ...(waterC === undefined ? [] : [captureText.water({ waterC: formatTemperature(waterC, tempHabit) })]),
    ...(state.hookEnd && state.hookEnd !== 'out' ? [HOOK_WORDS[state.hookEnd]] : []),
    ...(state.straightBack ? [captureText.straightBack] : []),
    ...(gill ? [captureText.gillBeatsAMinute({ perMinute: gill.perMinute })] : []),
    ...(state.leaving && state.outcome !== 'died'
      ? [captureText.itLeft({ leaving: LEAVING_WORDS[state.leaving].toLowerCase() })]
      : []),
  ];
  return said.length > 0 ? <p className="mt-1 max-w-prose text-soft">{said.join(' ')}</p> : null;
}

const HOOK_WORDS = {
  cut: captureText.theHookWasCut,
  'left-in': captureText.theLineWasCut,
  shed: captureText.itShedTheHook,
} as const;
