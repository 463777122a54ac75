import { paths } from '../../app/paths.js';
import { shareText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { clocksAt } from '@keeper/core/domain/capture/clocks';
import { shownInBook, summaryOf } from '@keeper/core/domain/capture/summary';
import { isDeath, netOf, type CaptureState } from '@keeper/core/domain/capture/captureState';
import { speciesName } from '@keeper/core/domain/fish/species';
import { spanText } from '@keeper/core/measure/duration';
import { formatBodyLength } from '@keeper/core/domain/fish/bodyLength';
import { formatMass } from '@keeper/core/measure/formatMass';
import { localTime } from '@keeper/core/measure/localTime';
import { wholePicture } from '@keeper/core/pictures/pictureView';
import { sharedDate, type DateWay } from '@keeper/core/pictures/sharedDate';
import { NotHere } from '../../app/NotHere.js';
import { deviceZone } from '../../data/device.js';
import { usePictureBytes } from '../../data/pictureBytes.js';
import { useCapture } from '../../data/useCapture.js';
import { useWeightResult } from '../../data/useWeighing.js';
import { useWaters } from '../../data/rows.js';
import { BookPicture } from '../../parts/BookPicture.js';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';
import { intervalText } from '../../parts/weight/intervalText.js';
import { bareCopy, cardPdf, cardPicture, handOver } from './cardFiles.js';
import type { CatchCard } from './drawCatchCard.js';

/** What leaves the book of one fish: seen before it goes, without its place. */
export function SharePage() {
  const { state, loading, missing } = useCapture(useParams()['captureId'] ?? '');
  if (missing) return <NotHere />;
  if (loading) return <p>{shareText.openingThePage}</p>;
  return <ShareOf state={state} />;
}

const DATES: readonly { value: DateWay; label: string }[] = [
  { value: 'season', label: shareText.theSeason },
  { value: 'month', label: shareText.theMonth },
  { value: 'day', label: shareText.theDay },
  { value: 'none', label: shareText.noDate },
];

function ShareOf({ state }: { state: CaptureState }) {
  const [chosen, setChosen] = useState<string>();
  const sha256 = chosen ?? summaryOf(state).pictures[0]?.sha256;
  const [date, setDate] = useState<DateWay>('season');
  const picture = state.pictures.find((each) => each.sha256 === sha256);
  const { bytes } = usePictureBytes(sha256);
  const words = useCardWords(state, date);
  const { file, address, problem } = useCardPicture(words, picture && bytes, picture?.reading?.view ?? undefined);
  const name = words.fish.toLowerCase().replace(/\W+/g, '-');
  return (
    <article className="grid gap-6">
      <div>
        <p>
          <Link to={paths.capture(state.captureId)} className="quiet-link">
            {shareText.backToTheFish}
          </Link>
        </p>
        <h1 className="text-3xl font-semibold">{shareText.catchCard}</h1>
      </div>
      <div className="grid items-start gap-x-10 gap-y-6 lg:grid-cols-[26rem_1fr]">
        {address ? (
          <img
            src={address}
            alt={shareText.catchCard2({ fish: words.fish, weight: words.weight })}
            className="w-full rounded-lg border border-rule"
          />
        ) : (
          <p role="status" className="grid aspect-4/5 place-items-center rounded-lg bg-waterfill">
            {shareText.drawingTheCard}
          </p>
        )}
        <div className="grid gap-6">
          {problem && <Notice role="alert">{problem}</Notice>}
          {state.pictures.length > 1 && (
            <ul className="flex flex-wrap gap-2" aria-label={shareText.picture}>
              {state.pictures.map((each, i) => (
                <li key={each.sha256}>
                  <button
                    type="button"
                    aria-pressed={each.sha256 === sha256}
                    aria-label={shareText.picture2({ i: i + 1 })}
                    className="block rounded border-4 border-transparent aria-pressed:border-ink"
                    onClick={() => setChosen(each.sha256)}
                  >
                    <BookPicture picture={shownInBook(each)} size="thumb" className="h-20 w-28 rounded-sm" />
                  </button>
                </li>
              ))}
            </ul>
          )}
          <div className="grid gap-2">
            <p className="font-semibold">{shareText.dateShown}</p>
            <Choice label={shareText.dateShown} value={date} onChange={setDate} options={DATES} />
          </div>
          <div className="flex flex-wrap gap-3">
            <button
              type="button"
              className="button button-main"
              disabled={!file}
              onClick={() => file && handOver(file, `${name}.jpg`)}
            >
              {shareText.saveAsImage}
            </button>
            <button
              type="button"
              className="button"
              disabled={!file}
              onClick={() => file && void cardPdf(file, words.fish).then((pdf) => handOver(pdf, `${name}.pdf`))}
            >
              {shareText.saveAsPdf}
            </button>
            <button
              type="button"
              className="button"
              disabled={!bytes}
              onClick={() => bytes && void bareCopy(bytes).then((bare) => handOver(bare, `${name}-picture.jpg`))}
            >
              {shareText.thePictureAlone}
            </button>
          </div>
          <Stays state={state} />
        </div>
      </div>
    </article>
  );
}

/** What does not leave: said before anything does. */
function Stays({ state }: { state: CaptureState }) {
  const water = useWaters().find(({ id }) => id === state.facts.waterId);
  return (
    <p className="max-w-prose border-l-4 border-water pl-4">
      {shareText.leftOutTheSwim({ name: water ? `${water.name}, ` : '' })}
    </p>
  );
}

function useCardWords(state: CaptureState, way: DateWay): CatchCard {
  const result = useWeightResult(state);
  const net = result?.stands ?? netOf(state);
  const water = useWaters().find(({ id }) => id === state.facts.waterId);
  // The day is the one of the place, wherever it is shared from.
  const there = localTime(state.startedAt ?? '', state.zone ?? deviceZone())?.day ?? '1970-01-01';
  const [year = 1970, month = 1, day = 1] = there.split('-').map(Number);
  const shown = sharedDate({ year, month: month - 1, day }, way, (water?.position?.latitudeDeg ?? 0) < 0);
  const clocks = clocksAt(state, 0);
  const { length } = state.facts;
  return {
    fish: state.facts.species
      ? say(speciesName(state.facts.species, state.facts.form, state.facts.kindName))
      : shareText.aFish,
    ...(net && { weight: formatMass(net) }),
    ...(result && { giveOrTake: intervalText(result) }),
    ...(length && { length: formatBodyLength(length) }),
    date: shown ? say(shown) : '',
    spells: state.origin !== 'bank' ? [] : state.spells,
    untilMs: state.endMs ?? 0,
    handling:
      state.origin !== 'bank' ? '' : shareText.outOfTheWater({ airMs: spanText(clocks.airMs), state: endText(state) }),
  };
}

function endText({ outcome, leaving }: CaptureState): string {
  if (isDeath(leaving)) return shareText.notRecovered;
  return outcome === 'released' ? 'released' : 'lost';
}

/** The card drawn anew whenever something on it changes. */
function useCardPicture(
  words: CatchCard,
  bytes: Blob | undefined,
  view: NonNullable<CatchCard['picture']>['view'] | undefined,
) {
  const [drawn, setDrawn] = useState<{ file: Blob; address: string }>();
  const [problem, setProblem] = useState<string>();
  const key = JSON.stringify([words, view]);
  useEffect(() => {
    let over = false;
    const draw = async () => {
      const card = JSON.parse(key) as [CatchCard, typeof view];
      const bitmap = bytes && (await createImageBitmap(bytes));
      const seen = bitmap && (card[1] ?? wholePicture({ widthPx: bitmap.width, heightPx: bitmap.height }));
      const file = await cardPicture({ ...card[0], ...(bitmap && seen && { picture: { bitmap, view: seen } }) });
      bitmap?.close();
      if (!over) setDrawn({ file, address: URL.createObjectURL(file) });
    };
    draw().catch(() => {
      if (!over) setProblem(shareText.theCardCouldNot);
    });
    return () => {
      over = true;
    };
  }, [key, bytes]);
  useEffect(() => () => (drawn ? URL.revokeObjectURL(drawn.address) : undefined), [drawn]);
  return { ...drawn, problem };
}
