import { paths } from '../../app/paths.js';
import { captureText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useState } from 'react';
import { Link } from 'react-router';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { speciesName } from '@keeper/core/domain/fish/species';
import { makeEvent, record } from '../../data/record.js';
import { useCapture } from '../../data/useCapture.js';
import { Sheet } from '../../parts/Sheet.js';
import { takenText } from '../../parts/when.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';

/**
 * Strikes a page out that should not be in the book: begun by mistake, or twice. Its log stays, so it can be taken
 * back.
 */
export function StrikeOut({ state: { captureId, begunAt } }: { state: CaptureState }) {
  const [open, setOpen] = useState(false);
  const { keep, notKept } = useRecord();
  return (
    <>
      <button type="button" className="button" onClick={() => setOpen(true)}>
        {captureText.strikeThisPageOut}
      </button>
      <Sheet title={captureText.strikeThisPageOut} open={open} onOpenChange={setOpen}>
        <div className="grid gap-5">
          <p className="max-w-prose">{captureText.forAPageThat}</p>
          <NotKept when={notKept} />
          <button
            type="button"
            className="button button-main"
            onClick={() => void keep(() => record([makeEvent(captureId, begunAt, 'discarded', {})]))}
          >
            {captureText.strikeItOut}
          </button>
        </div>
      </Sheet>
    </>
  );
}

/** A page that was struck out: what it was, and the way back. */
export function StruckOut({ state }: { state: CaptureState }) {
  const { captureId, begunAt, facts } = state;
  const { events } = useCapture(captureId);
  const { keep, notKept } = useRecord();
  const standing = new Set(events.flatMap((event) => (event.type === 'undone' ? event.payload.eventId : [])));
  const discards = new Set(events.flatMap(({ type, id }) => (type === 'discarded' && !standing.has(id) ? id : [])));
  const takeBack = () =>
    keep(() => record([...discards].map((eventId) => makeEvent(captureId, begunAt, 'undone', { eventId }))));
  return (
    <article className="grid gap-5">
      <p className="text-soft">{takenText(state)}</p>
      <h1 className="text-3xl font-semibold">{say(speciesName(facts.species, facts.form, facts.kindName))}</h1>
      <p className="max-w-prose text-lg">{captureText.thisPageWasStruck}</p>
      <NotKept when={notKept} />
      <div className="flex flex-wrap gap-3">
        <button type="button" className="button" onClick={() => void takeBack()}>
          {captureText.putItBackIn}
        </button>
        <Link to={paths.book} className="button">
          {captureText.toTheBook}
        </Link>
      </div>
    </article>
  );
}
