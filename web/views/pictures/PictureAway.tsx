import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { paths } from '../../app/paths.js';
import { asked } from '../../data/asked.js';
import { outbox } from '../../data/deviceOutbox.js';
import { makeEvent, record } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { Notice } from '../../parts/Notice.js';
import { NotKept } from '../../parts/NotKept.js';
import { Picker } from '../../parts/Picker.js';
import { Sheet } from '../../parts/Sheet.js';
import { TextField } from '../../parts/TextField.js';
import { fishOptions } from './nearestFish.js';
import { movePicture } from './movePicture.js';
import { picturesText } from './text.en-GB.js';

/**
 * Takes a picture from this fish: out of the book, over to the fish that it really shows, or away for good, with every
 * copy.
 */
export function PictureAway({ state, sha256 }: { state: CaptureState; sha256: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="button" onClick={() => setOpen(true)}>
        {picturesText.removeOrMoveThis}
      </button>
      <Sheet title={picturesText.removeOrMoveThis} open={open} onOpenChange={setOpen}>
        <Choices state={state} sha256={sha256} />
      </Sheet>
    </>
  );
}

const NOWHERE = 'nowhere';
const FOR_GOOD = 'for good';

function Choices({ state, sha256 }: { state: CaptureState; sha256: string }) {
  const { captureId, startedAt, begunAt } = state;
  const navigate = useNavigate();
  const [to, setTo] = useState(NOWHERE);
  const [why, setWhy] = useState('');
  const { keep, notKept } = useRecord();
  const fish = useQuery(asked.pictured);
  const others = (fish.data ?? []).filter((each) => each.captureId !== captureId);
  const alsoOn = others.filter(({ pictures }) => pictures.includes(sha256));
  const picture = state.pictures.find((each) => each.sha256 === sha256);
  const target = others.find((each) => each.captureId === to);
  const events = () => {
    const reason = why.trim();
    if (to === FOR_GOOD) {
      return [{ captureId, begunAt }, ...alsoOn].map((each) =>
        makeEvent(each.captureId, each.begunAt, 'picture-deleted', { sha256, why: reason }),
      );
    }
    return target && picture
      ? movePicture(picture, { from: state, to: target, why: reason })
      : [makeEvent(captureId, begunAt, 'picture-removed', { sha256, why: reason })];
  };
  const away = async () => {
    if (!(await keep(() => record(events())))) return;
    // What this device still holds of it goes too.
    if (to === FOR_GOOD) await outbox.dropPicture(sha256).catch(() => undefined);
    await navigate(paths.capture(target?.captureId ?? captureId));
  };
  return (
    <form
      className="grid gap-5"
      onSubmit={(event) => {
        event.preventDefault();
        void away();
      }}
    >
      <Picker
        label={picturesText.whereItBelongs}
        value={to}
        onChange={setTo}
        options={[
          { value: NOWHERE, label: picturesText.toNoFishRemove },
          { value: FOR_GOOD, label: picturesText.nowhereDelete },
          ...fishOptions(others, Date.parse(startedAt ?? '') || 0),
        ]}
      />
      <TextField label={picturesText.whyIfYouWant} value={why} onChange={setWhy} />
      <NotKept when={notKept} />
      {to === FOR_GOOD && <Notice>{picturesText.deletedForGood({ others: alsoOn.length })}</Notice>}
      <button type="submit" className="button button-main">
        {to === FOR_GOOD ? picturesText.deleteForGood : picturesText.removeThisPictureMove({ nowhere: to === NOWHERE })}
      </button>
      {to !== FOR_GOOD && <p className="text-soft">{picturesText.theOriginalStaysIn}</p>}
    </form>
  );
}
