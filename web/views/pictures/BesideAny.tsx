import { paths } from '../../app/paths.js';
import { picturesText } from './text.en-GB.js';
import { useState } from 'react';
import { Link } from 'react-router';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { formatMass } from '@keeper/core/measure/formatMass';
import { useBookPictures } from '../../data/queries.js';
import { BookPicture } from '../../parts/BookPicture.js';
import { Sheet } from '../../parts/Sheet.js';
import { whenText } from '../../parts/when.js';

const SHOWN_AT_ONCE = 24;

/**
 * Any other fish of its kind, to lay its picture beside this one: to see that two are two, as well as that they are
 * one.
 */
export function BesideAny({ state, picture }: { state: CaptureState; picture: PictureOfCapture }) {
  const [open, setOpen] = useState(false);
  const [most, setMost] = useState(SHOWN_AT_ONCE);
  const { species } = state.facts;
  const book = useBookPictures({ ...(species && { species }) }, open);
  const others = (book.data ?? []).filter(
    ({ captureId, role }) => captureId !== state.captureId && (picture.role === null || role === picture.role),
  );
  return (
    <>
      <button type="button" className="button justify-self-start font-normal" onClick={() => setOpen(true)}>
        {picturesText.compareWithAnotherFish}
      </button>
      <Sheet title={picturesText.whichFish} open={open} onOpenChange={setOpen}>
        {book.isPending && <p role="status">{picturesText.loadingThePictures}</p>}
        {book.isError && <p role="alert">{picturesText.theServerCannotBe}</p>}
        {book.isSuccess && others.length === 0 && <p>{picturesText.noOtherFishOf}</p>}
        <ul className="grid grid-cols-2 gap-4">
          {others.slice(0, most).map(({ captureId, sha256, startedAt, zone, net, ...shown }) => (
            <li key={`${captureId} ${sha256}`}>
              <Link to={paths.beside(state.captureId, picture.sha256, captureId, sha256)} className="grid gap-1.5">
                <BookPicture picture={{ ...shown, sha256 }} size="thumb" className="aspect-4/3 w-full rounded" />
                <span className="text-sm">
                  {net && <b>{formatMass(net)}. </b>}
                  {whenText(startedAt ?? '', undefined, zone)}
                </span>
              </Link>
            </li>
          ))}
        </ul>
        {others.length > most && (
          <button type="button" className="button mt-4 w-full" onClick={() => setMost(most + SHOWN_AT_ONCE)}>
            {picturesText.olderOnes}
          </button>
        )}
      </Sheet>
    </>
  );
}
