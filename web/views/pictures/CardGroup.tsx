import { paths } from '../../app/paths.js';
import { isPast } from '../../parts/when.js';
import { picturesText } from './text.en-GB.js';
import { memo, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { PicturedFish } from '@keeper/contract/pictured';
import type { CardPicture, PictureGroup } from '@keeper/core/pictures/sortByTime';
import type { CardFile } from '../../data/card.js';
import { addressOf } from '../../data/pictureBytes.js';
import { Picker } from '../../parts/Picker.js';
import { TextField } from '../../parts/TextField.js';
import { fishOptions } from './nearestFish.js';

export const NEW_PAGE = 'new page';

/** Some pictures on their way to a fish of the book, or to pages that are begun for them. */
export interface Putting {
  readonly pictures: readonly CardPicture[];
  readonly to: string;
  /** A page for each of them. */
  readonly each: boolean;
  /** When they were taken, where no date says it. */
  readonly saidMs?: number;
}

interface CardGroupProps {
  readonly group: PictureGroup;
  readonly why: string;
  readonly files: readonly CardFile[];
  readonly fish: readonly PicturedFish[];
  /** No date says when they were taken: the keeper chooses which belong together, and says the day. */
  readonly needsDay: boolean;
  readonly busy: boolean;
  readonly onPut: (putting: Putting) => void;
  readonly onAway: (sha256s: readonly string[]) => void;
}

/**
 * Pictures that may belong together, and where they go. While a card comes in, only groups that something came to are
 * drawn again.
 */
export const CardGroup = memo(CardGroupShown, isDrawnTheSame);

function isDrawnTheSame(before: CardGroupProps, now: CardGroupProps): boolean {
  const { group, files, ...rest } = now;
  const same = Object.entries(rest).every(([name, value]) => before[name as keyof CardGroupProps] === value);
  return (
    same &&
    before.group.captureId === group.captureId &&
    before.files.length === files.length &&
    before.files.every((file, i) => file === files[i])
  );
}

function CardGroupShown({ group, why, files, fish, needsDay, busy, onPut, onAway }: CardGroupProps) {
  const [to, setTo] = useState(group.captureId ?? NEW_PAGE);
  // Of a group that its dates hold together all are meant but those that are marked; of a lot without dates only those.
  // More may come in meanwhile.
  const [marked, setMarked] = useState<ReadonlySet<string>>(new Set());
  const isChosen = (sha256: string) => marked.has(sha256) === needsDay;
  const [day, setDay] = useState('');
  const [problem, setProblem] = useState<string>();
  const chosen = group.pictures.filter(({ sha256 }) => isChosen(sha256));
  const at = files[0]?.takenMs ?? 0;
  const near = useMemo(() => fishOptions(fish, at), [fish, at]);
  const choose = (sha256: string) =>
    setMarked((before) => {
      const after = new Set(before);
      if (!after.delete(sha256)) after.add(sha256);
      return after;
    });
  const put = (each: boolean) => {
    const saidMs = Date.parse(`${day}T12:00`);
    if (to === NEW_PAGE && needsDay && !isPast(saidMs)) {
      setProblem(picturesText.sayTheDayAs);
      return;
    }
    onPut({ pictures: chosen, to, each, ...(needsDay && { saidMs }) });
  };
  const rests = busy || chosen.length === 0;
  return (
    <li className="grid gap-3 border-t border-rule py-4 [contain-intrinsic-size:auto_12rem] [content-visibility:auto] md:grid-cols-[1fr_20rem]">
      <div className="grid content-start gap-2">
        <p>
          {why}
          {needsDay && picturesText.chooseThoseThatBelong}
        </p>
        <ul className="flex flex-wrap gap-2">
          {files.map((file) => (
            <li key={file.sha256} className="relative">
              <label className="block cursor-pointer">
                <input
                  type="checkbox"
                  className="peer sr-only"
                  aria-label={file.name}
                  checked={isChosen(file.sha256)}
                  onChange={() => choose(file.sha256)}
                />
                <img
                  src={addressOf(file.thumb)}
                  alt=""
                  loading="lazy"
                  className="h-24 w-32 rounded object-cover opacity-50 outline-3 outline-offset-2 outline-transparent peer-checked:opacity-100 peer-checked:outline-water peer-focus-visible:outline-ink"
                />
              </label>
              <button
                type="button"
                aria-label={picturesText.leaveOut({ name: file.name })}
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
          label={picturesText.whereTheyBelong}
          value={to}
          onChange={setTo}
          options={[{ value: NEW_PAGE, label: picturesText.aFishThatIs }, ...near]}
        />
        {to === NEW_PAGE && needsDay && (
          <TextField
            type="date"
            label={picturesText.theDayTheyWere}
            value={day}
            problem={problem}
            onChange={(text) => {
              setDay(text);
              setProblem(undefined);
            }}
          />
        )}
        {to !== NEW_PAGE ? (
          <button type="button" className="button" disabled={rests} onClick={() => put(false)}>
            {picturesText.putItTherePut({ chosenCount: chosen.length })}
          </button>
        ) : (
          <>
            <button type="button" className="button" disabled={rests} onClick={() => put(false)}>
              {picturesText.onePageForThese({ chosenCount: chosen.length })}
            </button>
            {chosen.length > 1 && (
              <button type="button" className="button" disabled={rests} onClick={() => put(true)}>
                {picturesText.aPageForEach({ chosenCount: chosen.length })}
              </button>
            )}
          </>
        )}
        {to !== NEW_PAGE && (
          <Link to={paths.capture(to)} className="quiet-link">
            {picturesText.seeThatFish}
          </Link>
        )}
      </div>
    </li>
  );
}
