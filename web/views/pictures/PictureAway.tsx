import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { PicturedFish } from '@keeper/contract/pictured';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { ask } from '../../data/api.js';
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
        Remove or move this picture
      </button>
      <Sheet title="Remove or move this picture" open={open} onOpenChange={setOpen}>
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
  const fish = useQuery({ queryKey: ['pictured'], queryFn: () => ask<PicturedFish[]>('/captures/pictured') });
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
    await navigate(`/book/${target?.captureId ?? captureId}`);
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
        label="Where it belongs"
        value={to}
        onChange={setTo}
        options={[
          { value: NOWHERE, label: 'To no fish: remove it' },
          ...fishOptions(others, Date.parse(startedAt ?? '') || 0),
        ]}
      />
      <TextField label="Why, if you want to say" value={why} onChange={setWhy} />
      {failed && (
        <p role="alert" className="font-medium text-rust">
          This device could not write that down. Nothing was changed.
        </p>
      )}
      <button type="submit" className="button button-main">
        {to === NOWHERE ? 'Remove this picture' : 'Move this picture'}
      </button>
      <p className="text-soft">The original stays in the book’s folder, and the log says what was done.</p>
    </form>
  );
}
