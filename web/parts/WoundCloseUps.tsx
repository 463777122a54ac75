import { paths } from '../app/paths.js';
import { partsText } from './text.en-GB.js';
import { Link } from 'react-router';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import type { Wound } from '@keeper/core/domain/fish/wound';
import { flankPixel, spotView } from '@keeper/core/pictures/flankSpot';
import { PictureInView } from './PictureInView.js';
import { takenText } from './when.js';

/** A picture with the fish that it shows. */
export interface LaidPicture {
  readonly state: Pick<CaptureState, 'captureId' | 'startedAt' | 'zone' | 'dated'>;
  readonly picture: PictureOfCapture;
}

/**
 * The place of a wound, close up, on each picture of its flank that was laid straight: they line up, whenever they were
 * taken.
 */
export function WoundCloseUps({ wound, laid }: { wound: Pick<Wound, 'side' | 'at'>; laid: readonly LaidPicture[] }) {
  const { side, at } = wound;
  if (side === 'mouth') return null;
  const shown = laid.flatMap(({ state, picture }) => {
    const { landmarks, view } = picture.reading ?? {};
    return landmarks && view && flankOf(picture) === side ? [{ state, sha256: picture.sha256, landmarks, view }] : [];
  });
  if (shown.length === 0) return null;
  return (
    <ul className="grid max-w-3xl grid-cols-2 gap-3 sm:grid-cols-3">
      {shown.map(({ state, sha256, landmarks, view }, i) => {
        const { x, y } = flankPixel(landmarks, at);
        const inside = x >= 0 && y >= 0 && x <= view.of.widthPx && y <= view.of.heightPx;
        const when = takenText(state);
        return (
          <li key={`${sha256} ${i}`}>
            <Link to={paths.picture(state.captureId, sha256)}>
              <PictureInView
                sha256={sha256}
                size={'view'}
                view={spotView(landmarks, side, at, view.of, view.stops)}
                alt={partsText.thePlaceOfIt({ when })}
                className="aspect-4/3 w-full rounded"
              />
              <span className="text-sm text-soft">{partsText.outsideThisPicture({ inside, when })}</span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}

/** Which flank a picture shows; a portrait is taken for the left one, as the book lays it. */
export function flankOf({ role }: Pick<PictureOfCapture, 'role'>): 'left' | 'right' {
  return role === 'right-flank' ? 'right' : 'left';
}
