import { asked } from '../../data/asked.js';
import { paths } from '../../app/paths.js';
import { picturesText } from './text.en-GB.js';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { makeEvent, record } from '../../data/record.js';
import { Picker } from '../../parts/Picker.js';
import { Sheet } from '../../parts/Sheet.js';
import { TextField } from '../../parts/TextField.js';
import { fishOptions } from './nearestFish.js';

/**
 * Takes a picture from this fish: out of the book, or over to the fish that it really shows. The picture itself is
 * kept.
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

function Choices({ state, sha256 }: { state: CaptureState; sha256: string }) {
  const { captureId, startedAt } = state;
  const navigate = useNavigate();
  const [to, setTo] = useState(NOWHERE);
  const [why, setWhy] = useState('');
  const [failed, setFailed] = useState(false);
  const fish = useQuery(asked.pictured);
  const others = (fish.data ?? []).filter((each) => each.captureId !== captureId);
  const away = async () => {
    const removal = makeEvent(captureId, startedAt, 'picture-removed', { sha256, why: why.trim() });
    const target = others.find((each) => each.captureId === to);
    const role = state.pictures.find((picture) => picture.sha256 === sha256)?.role;
    await record([
      ...(target
        ? [makeEvent(target.captureId, target.startedAt, 'picture-added', { sha256, ...(role && { role }) })]
        : []),
      removal,
    ]);
    await navigate(paths.capture(target?.captureId ?? captureId));
  };
  return (
    <form
      className="grid gap-5"
      onSubmit={(event) => {
        event.preventDefault();
        away().catch(() => setFailed(true));
      }}
    >
      <Picker
        label={picturesText.whereItBelongs}
        value={to}
        onChange={setTo}
        options={[
          { value: NOWHERE, label: picturesText.toNoFishRemove },
          ...fishOptions(others, Date.parse(startedAt ?? '') || 0),
        ]}
      />
      <TextField label={picturesText.whyIfYouWant} value={why} onChange={setWhy} />
      {failed && (
        <p role="alert" className="font-medium text-rust">
          {picturesText.thisDeviceCouldNotWriteThat}
        </p>
      )}
      <button type="submit" className="button button-main">
        {picturesText.removeThisPictureMove({ nowhere: to === NOWHERE })}
      </button>
      <p className="text-soft">{picturesText.theOriginalStaysIn}</p>
    </form>
  );
}
