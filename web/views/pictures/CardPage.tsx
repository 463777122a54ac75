import { FolderInput } from 'lucide-react';
import { fromEvent } from 'file-selector';
import { useId, useState, type DragEvent } from 'react';
import { Link } from 'react-router';
import type { PicturedFish } from '@keeper/contract/pictured';
import { speciesName } from '@keeper/core/fish/species';
import type { PictureGroup } from '@keeper/core/picture/sortByTime';
import type { CardFile, NotTaken } from '../../data/card.js';
import { addressOf } from '../../data/pictureBytes.js';
import { useWaters } from '../../data/rows.js';
import { Notice } from '../../parts/Notice.js';
import { Part } from '../../parts/Part.js';
import { Picker } from '../../parts/Picker.js';
import { whenText } from '../../parts/when.js';
import { newPage, putTo } from './putTo.js';
import { useCard } from './useCard.js';

const NEW_PAGE = 'new page';

/** Pictures off the card, proposed to the fish that were on the bank when they were taken. Nothing is attached before it was shown. */
export function CardPage() {
  const card = useCard();
  const { files, sorted, taking, notTaken } = card;
  const waters = useWaters();
  const id = useId();
  const [over, setOver] = useState(false);
  const [problem, setProblem] = useState<string>();
  const fileOf = (sha256: string) => files.find((file) => file.sha256 === sha256);
  const groups: PictureGroup[] = [
    ...sorted.groups,
    ...(sorted.undated.length > 0 ? [{ captureId: null, pictures: sorted.undated }] : []),
    ...(sorted.future.length > 0 ? [{ captureId: null, pictures: sorted.future }] : []),
  ];
  const put = async (group: PictureGroup, to: string): Promise<boolean> => {
    const of = group.pictures.flatMap(({ sha256 }) => fileOf(sha256) ?? []);
    const fish =
      to === NEW_PAGE
        ? await newPage(of, sorted.clockOffMs, waters)
        : card.fish.find(({ captureId }) => captureId === to);
    if (!fish) return false;
    const { put: gone, sentence } = await putTo(fish, of);
    setProblem(sentence);
    await card.sendAway(gone);
    await card.reread();
    return sentence === undefined;
  };
  const sure = sorted.groups.filter(({ captureId }) => captureId !== null);
  const putAll = async () => {
    for (const group of sure) if (group.captureId && !(await put(group, group.captureId))) return;
  };
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
        <h1 className="text-3xl font-semibold">Pictures off the card</h1>
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
            <b className="text-lg">Drop pictures here, or choose them</b>
            <span className="text-soft">
              They go to the fish that was on the bank at that minute. You see where before they do.
            </span>
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
        {taking && (
          <div role="status" className="flex flex-wrap items-center gap-4">
            <progress
              className="h-3 flex-1 accent-(--water)"
              value={taking.done}
              max={taking.of}
              aria-label="Pictures taken"
            />
            <span className="tabular-nums">
              {taking.done} of {taking.of}
            </span>
            <button type="button" className="button" onClick={card.cancel}>
              Stop here
            </button>
          </div>
        )}
        {problem && <Notice role="alert">{problem}</Notice>}
        {card.toCome > 0 && !taking && (
          <Notice>
            The page was left when {card.toCome} pictures were still to come. Drop the card again: what lies here is not
            read twice.{' '}
            <button type="button" className="quiet-link" onClick={card.enough}>
              Those here are enough
            </button>
          </Notice>
        )}
        {notTaken.length > 0 && <NotTakenNotice notTaken={notTaken} />}
        {sorted.clockOffMs !== 0 && (
          <p className="border-l-4 border-air pl-3">
            The camera’s clock seems {hours(sorted.clockOffMs)}: with that set right, these pictures fall to fish of
            yours.
          </p>
        )}
      </div>
      {groups.length > 0 && card.sorting && <p role="status">Looking which fish they are of…</p>}
      {card.bookAway && files.length > 0 && (
        <Notice>
          The server does not answer, so the fish of the book are not known here. The pictures wait on this device.
        </Notice>
      )}
      {groups.length > 0 && !card.sorting && !card.bookAway && (
        <Part
          title={files.length === 1 ? 'One picture' : `${files.length} pictures`}
          aside={
            sure.length > 1 && (
              <button type="button" className="button button-main" onClick={() => void putAll()}>
                Put {sure.reduce((sum, { pictures }) => sum + pictures.length, 0)} to their {sure.length} fish
              </button>
            )
          }
        >
          <ul>
            {groups.map((group) => (
              <Group
                key={`${group.captureId}${group.pictures[0]?.sha256}`}
                group={group}
                why={whyHere(group, sorted)}
                files={group.pictures.flatMap(({ sha256 }) => fileOf(sha256) ?? [])}
                fish={card.fish}
                onPut={(to) => void put(group, to)}
                onAway={(sha256s) => void card.sendAway(sha256s)}
              />
            ))}
          </ul>
        </Part>
      )}
      {sorted.known.length > 0 && (
        <p>
          {sorted.known.length === 1 ? 'One of them is' : `${sorted.known.length} of them are`} in the book already.{' '}
          <button
            type="button"
            className="quiet-link"
            onClick={() => void card.sendAway(sorted.known.map(({ sha256 }) => sha256))}
          >
            Take them off this list
          </button>
        </p>
      )}
    </div>
  );
}

/** A few are said one by one; of many, how many, and each on tap. */
function NotTakenNotice({ notTaken }: { notTaken: readonly NotTaken[] }) {
  const lines = notTaken.map(({ name, why }) => (
    <p key={name}>
      {name} was not taken. {why}
    </p>
  ));
  return (
    <Notice role="alert">
      {notTaken.length <= 3 ? (
        lines
      ) : (
        <details>
          <summary>{notTaken.length} files were not taken; the others were.</summary>
          {lines}
        </details>
      )}
    </Notice>
  );
}

interface GroupProps {
  readonly group: PictureGroup;
  readonly why: string;
  readonly files: readonly CardFile[];
  readonly fish: readonly PicturedFish[];
  readonly onPut: (to: string) => void;
  readonly onAway: (sha256s: readonly string[]) => void;
}

function Group({ group, why, files, fish, onPut, onAway }: GroupProps) {
  const [to, setTo] = useState(group.captureId ?? NEW_PAGE);
  const at = files[0]?.takenMs ?? 0;
  const near = fish
    .toSorted((a, b) => Math.abs(Date.parse(a.startedAt) - at) - Math.abs(Date.parse(b.startedAt) - at))
    .slice(0, 30);
  return (
    <li className="grid gap-3 border-t border-rule py-4 md:grid-cols-[1fr_20rem]">
      <div className="grid gap-2">
        <p>{why}</p>
        <ul className="flex flex-wrap gap-2">
          {files.map((file) => (
            <li key={file.sha256} className="relative">
              <img
                src={addressOf(file.thumb)}
                alt={file.name}
                loading="lazy"
                className="h-24 w-32 rounded object-cover"
              />
              <button
                type="button"
                aria-label={`Leave ${file.name} out`}
                className="absolute top-0 right-0 grid size-9 place-items-center rounded-bl bg-paper text-lg"
                onClick={() => onAway([file.sha256])}
              >
                ×
              </button>
            </li>
          ))}
        </ul>
      </div>
      <div className="grid content-start gap-3">
        <Picker
          label="Where they belong"
          value={to}
          onChange={setTo}
          options={[
            { value: NEW_PAGE, label: 'A fish that is not in the book yet' },
            ...near.map(({ captureId, startedAt, species, form }) => ({
              value: captureId,
              label: `${speciesName(species ?? undefined, form ?? undefined)}, ${whenText(startedAt)}`,
            })),
          ]}
        />
        <button type="button" className="button" onClick={() => onPut(to)}>
          {to === NEW_PAGE ? 'Begin a page for it' : 'Put them there'}
        </button>
        {to !== NEW_PAGE && (
          <Link to={`/book/${to}`} className="quiet-link">
            See that fish
          </Link>
        )}
      </div>
    </li>
  );
}

function whyHere({ captureId, pictures }: PictureGroup, sorted: ReturnType<typeof useCard>['sorted']): string {
  const first = pictures[0];
  const many = pictures.length === 1 ? 'One picture' : `${pictures.length} pictures`;
  if (!first || first.takenMs === null) return `${many} without a date: the camera wrote none.`;
  const when = whenText(new Date(first.takenMs + sorted.clockOffMs).toISOString());
  if (sorted.future.includes(first)) return `${many} dated ${when}, which is still to come: the camera’s clock is off.`;
  return captureId
    ? `${many} of ${when}, while this fish was on the bank.`
    : `${many} of ${when}, when no fish of the book was on the bank.`;
}

function hours(ms: number): string {
  const off = Math.abs(ms) / 3_600_000;
  const words = off === 1 ? 'an hour' : `${Number(off.toFixed(1))} hours`;
  return `${words} ${ms > 0 ? 'behind' : 'ahead'}`;
}
