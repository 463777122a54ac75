import { paths } from '../../app/paths.js';
import { fishText } from './text.en-GB.js';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { KnownFish } from '@keeper/core/domain/identity/knownFish';
import { consistencyChecks, linkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import { newId } from '../../data/device.js';
import { makeEvent, record } from '../../data/record.js';
import { useRegister } from '../../data/known.js';
import { useSettings } from '../../data/queries.js';
import { BookPicture } from '../../parts/BookPicture.js';
import { MassText } from '../../parts/MassText.js';
import { Sheet } from '../../parts/Sheet.js';
import { dayText, whenText } from '../../parts/when.js';
import { countText, doubtText } from './fishWords.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';

/** Two fish of the register that are one: the catches of the other become catches of this one, as one decision. */
export function MergeFish({ fish }: { fish: KnownFish }) {
  const [open, setOpen] = useState(false);
  const { keep, notKept } = useRecord();
  const register = useRegister();
  const [{ species }] = fish.captures;
  const others = register.fish.filter(
    ({ fishId, captures: [first] }) => fishId !== fish.fishId && first.species === species,
  );
  if (others.length === 0) return null;
  const merge = async (other: KnownFish) => {
    const why = fishText.isThisFish({ fishId: register.nameOf(other.fishId), fishId2: register.nameOf(fish.fishId) });
    if (await keep(() => saySame(other.captures, fish.fishId, why))) setOpen(false);
  };
  return (
    <>
      <button type="button" className="button" onClick={() => setOpen(true)}>
        {fishText.itIsAlso}
      </button>
      <Sheet title={fishText.itIsAlso} open={open} onOpenChange={setOpen}>
        <NotKept when={notKept} />
        <ul className="border-b border-rule">
          {others.map((other) => {
            const doubts = consistencyChecks([...fish.captures, ...other.captures].map(linkedFacts));
            return (
              <li key={other.fishId} className="border-t border-rule">
                <button type="button" className="grid min-h-14 w-full py-2 text-left" onClick={() => void merge(other)}>
                  <b className="font-semibold">{register.nameOf(other.fishId)}</b>
                  <span className="text-sm text-soft">
                    {fishText.firstOn({
                      length: countText(other.captures.length),
                      startedAt: dayText(other.captures[0].startedAt ?? '', other.captures[0].zone),
                    })}
                  </span>
                  {doubts.slice(0, 1).map((doubt) => (
                    <span key={doubt.kind} className="text-sm">
                      {doubtText(doubt)}
                    </span>
                  ))}
                </button>
              </li>
            );
          })}
        </ul>
      </Sheet>
    </>
  );
}

/** One fish of the register that is two: some of its catches become another fish, as one decision. */
export function PartFish({ fish }: { fish: KnownFish }) {
  const [open, setOpen] = useState(false);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const register = useRegister();
  const navigate = useNavigate();
  const { keep, notKept } = useRecord();
  const part = async () => {
    const other = newId();
    const catches = fish.captures.filter(({ captureId }) => chosen.includes(captureId));
    const why = fishText.splitFromAnotherFish({ fishId: register.nameOf(fish.fishId) });
    if (await keep(() => saySame(catches, other, why, 'new'))) await navigate(paths.fish(other));
  };
  return (
    <>
      <button type="button" className="button" onClick={() => setOpen(true)}>
        {fishText.theseAreTwoFish}
      </button>
      <Sheet title={fishText.whichCatchesAreAnother} open={open} onOpenChange={setOpen}>
        <div className="grid gap-5">
          <NotKept when={notKept} />
          <ul aria-label={fishText.catchesOfAnotherFish} className="grid gap-2">
            {fish.captures.map((capture) => (
              <li key={capture.captureId}>
                <CatchTick
                  capture={capture}
                  chosen={chosen.includes(capture.captureId)}
                  onChange={(is) =>
                    setChosen((all) => [
                      ...all.filter((id) => id !== capture.captureId),
                      ...(is ? [capture.captureId] : []),
                    ])
                  }
                />
              </li>
            ))}
          </ul>
          <button
            type="button"
            className="button button-main min-h-14"
            disabled={chosen.length === 0 || chosen.length === fish.captures.length}
            onClick={() => void part()}
          >
            {fishText.makeThemAnotherFish}
          </button>
        </div>
      </Sheet>
    </>
  );
}

/** One catch to be ticked: how it looked and what it weighed, for by its day alone nobody tells two fish apart. */
function CatchTick({
  capture: { startedAt, zone, pictures, net },
  chosen,
  onChange,
}: {
  capture: CaptureSummary;
  chosen: boolean;
  onChange: (chosen: boolean) => void;
}) {
  const { massUnit } = useSettings();
  const [picture] = pictures;
  return (
    <label className="flex min-h-20 cursor-pointer items-center gap-3 rounded-lg border border-edge p-2 has-checked:border-2 has-checked:border-ink">
      <input
        type="checkbox"
        className="size-6 shrink-0"
        checked={chosen}
        onChange={(event) => onChange(event.target.checked)}
      />
      {picture ? (
        <BookPicture picture={picture} size="thumb" decorative className="h-16 w-22 rounded" />
      ) : (
        <span className="grid h-16 w-22 place-items-center rounded border border-dashed border-rule text-xs text-soft">
          {fishText.noPicture}
        </span>
      )}
      <span>
        <span className="block">{whenText(startedAt ?? '', undefined, zone)}</span>
        <MassText mass={net} unit={massUnit} />
      </span>
    </label>
  );
}

function saySame(
  catches: readonly CaptureSummary[],
  fishId: string,
  why: string,
  firstSays: 'same' | 'new' = 'same',
): Promise<void> {
  const decisionId = newId();
  return record(
    catches.map(({ captureId, begunAt }, i) =>
      makeEvent(captureId, begunAt, 'identified', { says: i === 0 ? firstSays : 'same', fishId, decisionId, why }),
    ),
  );
}
