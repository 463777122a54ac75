import { picturesText } from './text.en-GB.js';
import { FolderInput } from 'lucide-react';
import { fromEvent } from 'file-selector';
import { useId, useMemo, useState, type DragEvent } from 'react';
import type { PicturedFish } from '@keeper/contract/pictured';
import type { PictureGroup } from '@keeper/core/pictures/sortByTime';
import type { NotTaken } from '../../data/card.js';
import { useStandingWaters } from '../../data/rows.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { useStable } from '../../parts/useStable.js';
import { dayText, localInput, whenText } from '../../parts/when.js';
import { Link } from 'react-router';
import { paths } from '../../app/paths.js';
import { CardGroup, NEW_PAGE, type Putting } from './CardGroup.js';
import { newPage, putTo, takeBack, type Put } from './putTo.js';
import { useCard } from './useCard.js';

/**
 * Pictures off the card, proposed to the fish that were on the bank when they were taken. Nothing is attached before it
 * was shown.
 */
export function CardPage() {
  const card = useCard();
  const { files, sorted, taking, notTaken } = card;
  const waters = useStandingWaters();
  const id = useId();
  const [over, setOver] = useState(false);
  const [problem, setProblem] = useState<string>();
  const bySha = useMemo(() => new Map(files.map((file) => [file.sha256, file])), [files]);
  const fileOf = (sha256: string) => bySha.get(sha256);
  const groups: PictureGroup[] = [
    ...sorted.groups,
    ...(sorted.undated.length > 0 ? [{ captureId: null, perhaps: 0, pictures: sorted.undated }] : []),
    ...(sorted.future.length > 0 ? [{ captureId: null, perhaps: 0, pictures: sorted.future }] : []),
  ];
  const [busy, setBusy] = useState(false);
  const [done, setDone] = useState<readonly Put[]>([]);
  /** Puts some pictures somewhere, and says whether all of them are there. */
  const put = async ({ pictures, to, each, saidMs }: Putting): Promise<{ puts: Put[]; whole: boolean }> => {
    const of = pictures.flatMap(({ sha256 }) => fileOf(sha256) ?? []);
    const isNew = to === NEW_PAGE;
    const puts: Put[] = [];
    for (const some of isNew && each ? of.map((file) => [file]) : [of]) {
      const times = { clockOffMs: sorted.clockOffMs, ...(saidMs !== undefined && { saidMs }) };
      const fish = isNew ? await newPage(some, times, waters) : card.fish.find(({ captureId }) => captureId === to);
      if (!fish) return { puts, whole: false };
      const { put: gone, sentence } = await putTo(fish, some, isNew);
      puts.push(gone);
      setProblem(sentence);
      await card.sendAway(gone.files.map(({ sha256 }) => sha256));
      if (sentence !== undefined) return { puts, whole: false };
    }
    return { puts, whole: true };
  };
  /** While it works no button is there to be tapped twice; what came of it can be taken back with one tap. */
  const work = async (all: readonly Putting[]) => {
    setBusy(true);
    const puts: Put[] = [];
    try {
      for (const one of all) {
        const came = await put(one);
        puts.push(...came.puts);
        if (!came.whole) break;
      }
    } catch {
      setProblem(picturesText.thisDeviceCouldNot);
    } finally {
      await card.reread();
      setDone(puts);
      setBusy(false);
    }
  };
  const takeAllBack = async () => {
    setBusy(true);
    try {
      await takeBack(done);
      await card.comeBack(done.flatMap(({ files: of }) => of));
      setDone([]);
    } catch {
      setProblem(picturesText.thisDeviceCouldNotWrite);
    } finally {
      await card.reread();
      setBusy(false);
    }
  };
  // Always as the page is now, under a name that stays: a group is drawn again only when something of it has changed.
  const onPut = useStable((putting: Putting) => void work([putting]));
  const onAway = useStable((sha256s: readonly string[]) => void card.sendAway(sha256s));
  const sure = sorted.groups.filter(({ captureId }) => captureId !== null);
  const alone = sorted.groups.filter(({ captureId, perhaps }) => captureId === null && perhaps === 0);
  /** A fish known from its pictures for each group that has none: what was taken close together is one. */
  const beginAll = () => work(alone.map(({ pictures }) => ({ pictures, to: NEW_PAGE, each: false })));
  const [shown, setShown] = useState(SHOWN_AT_ONCE);
  const putAll = () => work(sure.map(({ captureId, pictures }) => ({ pictures, to: captureId ?? '', each: false })));
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    // A folder comes with all that lies in it.
    void fromEvent(event.nativeEvent).then((dropped) =>
      card.take(dropped.filter((each): each is File & typeof each => each instanceof File)),
    );
  };
  return (
    <div className="grid gap-8">
      <div className="grid gap-4">
        <h1 className="text-3xl font-semibold">{picturesText.picturesOffTheCard}</h1>
        <label
          htmlFor={id}
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={drop}
          className={`grid min-h-40 cursor-pointer place-items-center rounded-lg border-2 border-dashed px-6 py-8 text-center has-focus-visible:outline-3 has-focus-visible:outline-water ${over ? 'border-ink bg-waterfill' : 'border-edge bg-leaf'}`}
        >
          <span className="grid justify-items-center gap-2">
            <FolderInput aria-hidden size={30} />
            <b className="text-lg">{picturesText.dropPicturesHereOr}</b>
            <span className="text-soft">{picturesText.theyGoToThe}</span>
          </span>
          <input
            id={id}
            type="file"
            multiple
            className="sr-only"
            onChange={(event) => {
              void card.take([...(event.target.files ?? [])]);
              event.target.value = '';
            }}
          />
        </label>
        <label className="quiet-link min-h-11 cursor-pointer justify-self-start has-focus-visible:outline-2">
          {picturesText.orAFolder}
          <input
            type="file"
            multiple
            className="sr-only"
            ref={(input) => input?.setAttribute('webkitdirectory', '')}
            onChange={(event) => {
              void card.take([...(event.target.files ?? [])]);
              event.target.value = '';
            }}
          />
        </label>
        {taking && (
          <div role="status" className="flex flex-wrap items-center gap-4">
            <progress
              className="h-3 flex-1 accent-(--water)"
              value={taking.done}
              max={taking.of}
              aria-label={picturesText.picturesTaken}
            />
            <span className="tabular-nums">{picturesText.of({ done: taking.done, of: taking.of })}</span>
            <button type="button" className="button" onClick={card.cancel}>
              {picturesText.stopHere}
            </button>
          </div>
        )}
        {problem && <Notice role="alert">{problem}</Notice>}
        {done.length > 0 && !busy && (
          <p role="status" className="flex flex-wrap items-center gap-3 border-l-4 border-water pl-3">
            {doneText(done)}
            <button type="button" className="button" onClick={() => void takeAllBack()}>
              {picturesText.takeItBack}
            </button>
            {done.some(({ isNew }) => isNew) && (
              <Link to={paths.sweep} className="quiet-link">
                {picturesText.findWhoIsWho}
              </Link>
            )}
          </p>
        )}
        {card.toCome > 0 && !taking && (
          <Notice>
            {picturesText.thePageWasLeft({ toCome: card.toCome })}{' '}
            <button type="button" className="quiet-link" onClick={card.enough}>
              {picturesText.thoseHereAreEnough}
            </button>
          </Notice>
        )}
        {notTaken.length > 0 && <NotTakenNotice notTaken={notTaken} />}
        {sorted.clockOffMs !== 0 && (
          <p className="border-l-4 border-air pl-3">
            {picturesText.theCamerasClockSeems({ clockOffMs: hours(sorted.clockOffMs) })}
          </p>
        )}
      </div>
      {groups.length > 0 && card.sorting && <p role="status">{picturesText.findingTheirFish}</p>}
      {card.bookAway && files.length > 0 && <Notice>{picturesText.theServerDoesNot}</Notice>}
      {groups.length > 0 && !card.sorting && !card.bookAway && (
        <Section
          title={files.length === 1 ? picturesText.onePicture : picturesText.pictures({ filesCount: files.length })}
          aside={
            <span className="flex flex-wrap gap-3">
              {sure.length > 1 && (
                <button type="button" className="button button-main" disabled={busy} onClick={() => void putAll()}>
                  {picturesText.put} {sure.reduce((sum, { pictures }) => sum + pictures.length, 0)}{' '}
                  {picturesText.toTheirFish({ sureCount: sure.length })}
                </button>
              )}
              {alone.length > 1 && (
                <button type="button" className="button" disabled={busy} onClick={() => void beginAll()}>
                  {picturesText.beginAll({ count: alone.length })}
                </button>
              )}
            </span>
          }
        >
          <ul>
            {groups.slice(0, shown).map((group) => (
              <CardGroup
                key={`${group.captureId}${group.pictures[0]?.sha256}`}
                group={group}
                why={whyHere(group, sorted, card.fish)}
                files={group.pictures.flatMap(({ sha256 }) => fileOf(sha256) ?? [])}
                fish={card.fish}
                needsDay={sorted.undated === group.pictures || sorted.future === group.pictures}
                busy={busy}
                onPut={onPut}
                onAway={onAway}
              />
            ))}
          </ul>
          {groups.length > shown && (
            <button
              type="button"
              className="button mt-4 w-full"
              onClick={() => setShown((count) => count + SHOWN_AT_ONCE)}
            >
              {picturesText.moreGroups({ count: groups.length - shown })}
            </button>
          )}
        </Section>
      )}
      {sorted.known.length > 0 && (
        <p>
          {picturesText.inTheBookAlready({ knownCount: sorted.known.length })}{' '}
          <button
            type="button"
            className="quiet-link"
            onClick={() => void card.sendAway(sorted.known.map(({ sha256 }) => sha256))}
          >
            {picturesText.takeThemOffThis}
          </button>
        </p>
      )}
    </div>
  );
}

/** Thousands are looked through a stretch at a time. */
const SHOWN_AT_ONCE = 60;

/** A few are said one by one; of many, how many, and each on tap. */
function NotTakenNotice({ notTaken }: { notTaken: readonly NotTaken[] }) {
  const lines = notTaken.map(({ name, why }) => <p key={name}>{picturesText.wasNotTaken({ name, why })}</p>);
  return (
    <Notice role="alert">
      {notTaken.length <= 3 ? (
        lines
      ) : (
        <details>
          <summary>{picturesText.filesWereNotTaken({ notTakenCount: notTaken.length })}</summary>
          {lines}
        </details>
      )}
    </Notice>
  );
}

function doneText(puts: readonly Put[]): string {
  const pictures = puts.reduce((sum, { files }) => sum + files.length, 0);
  const begun = puts.filter(({ isNew }) => isNew).length;
  const many = pictures === 1 ? '1 picture' : picturesText.pictures2({ pictures });
  if (begun === 0) return picturesText.putTo({ many, putsCount: puts.length });
  return picturesText.begunFor({ begun, many });
}

function whyHere(
  { captureId, perhaps, pictures }: PictureGroup,
  sorted: ReturnType<typeof useCard>['sorted'],
  fish: readonly PicturedFish[],
): string {
  const first = pictures[0];
  const many =
    pictures.length === 1 ? picturesText.onePicture : picturesText.pictures3({ picturesCount: pictures.length });
  if (!first || first.takenMs === null) return picturesText.withoutADateThe({ many });
  const day = dayText(localInput(first.takenMs).slice(0, 10));
  const when = first.dayOnly ? day : whenText(new Date(first.takenMs + sorted.clockOffMs).toISOString());
  if (sorted.future.includes(first)) return picturesText.datedWhichIsStill({ many, when });
  const told = first.dayOnly ? picturesText.named({ many, day }) : picturesText.taken({ many, when });
  if (perhaps > 0) return picturesText.severalOfThatDay({ told, perhaps });
  if (captureId === null) return first.dayOnly ? picturesText.ofNoFish({ told }) : picturesText.whenNoFish({ told });
  const isTimed = !first.dayOnly && !fish.find((each) => each.captureId === captureId)?.dated;
  return isTimed ? picturesText.whileThisFish({ told }) : picturesText.theOnlyOfThatDay({ told });
}

function hours(ms: number): string {
  const off = Math.abs(ms) / 3_600_000;
  const words = off === 1 ? picturesText.anHour : picturesText.hours({ off: Number(off.toFixed(1)) });
  return `${words} ${ms > 0 ? picturesText.behind : picturesText.ahead}`;
}
