import { paths } from '../../app/paths.js';
import { picturesText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { faultsOf } from '@keeper/core/pictures/verdict';
import { outbox } from '../../data/deviceOutbox.js';
import { heldBytes, pictureBytes } from '../../data/pictureBytes.js';
import { lookAtPicture } from '../../data/pictureLooker.js';
import { shownInBook } from '@keeper/core/domain/capture/summary';
import { BookPicture, ROLE_WORDS } from '../../parts/BookPicture.js';
import { Section } from '../../parts/Section.js';

interface SeriesProps {
  readonly state: CaptureState;
  readonly shown: PictureOfCapture;
  readonly kind: PaintedKind | undefined;
  /** The others wait until the one that is shown has been looked at. */
  readonly mayLook: boolean;
}

interface Judged {
  readonly sha256: string;
  readonly worth: number;
  readonly says: string;
}

/** All pictures of this fish on this day, the best first; each with what is wrong with it most. */
export function Series({ state, shown, kind, mayLook }: SeriesProps) {
  const judged = useJudged(mayLook ? state.pictures : [], kind);
  if (state.pictures.length < 2) return null;
  const rank = ({ sha256 }: PictureOfCapture) => judged.get(sha256)?.worth ?? -1;
  const ordered = state.pictures.toSorted((a, b) => rank(b) - rank(a));
  return (
    <Section title={picturesText.thePicturesOfThis({ picturesCount: state.pictures.length })}>
      <ul className="grid grid-cols-2 gap-4 sm:grid-cols-3 lg:grid-cols-4">
        {ordered.map((picture) => {
          const here = picture.sha256 === shown.sha256;
          const both = !here && picture.reading?.landmarks && shown.reading?.landmarks && picture.role === shown.role;
          return (
            <li key={picture.sha256} className="grid content-start gap-1.5">
              <Link to={paths.picture(state.captureId, picture.sha256)} aria-current={here ? 'page' : undefined}>
                <BookPicture
                  picture={shownInBook(picture)}
                  size="thumb"
                  className={`aspect-4/3 w-full rounded ${here ? 'outline-4 outline-water' : ''}`}
                />
              </Link>
              <p className="text-sm">
                {picture.role && <b>{ROLE_WORDS[picture.role]}. </b>}
                {picturesText.beingLookedAt({ says: judged.get(picture.sha256)?.says })}
              </p>
              {both && (
                <Link
                  to={paths.beside(state.captureId, shown.sha256, state.captureId, picture.sha256)}
                  className="quiet-link text-sm"
                >
                  {picturesText.layItBeside}
                </Link>
              )}
            </li>
          );
        })}
      </ul>
    </Section>
  );
}

/** Looks at each picture in turn, behind the page. */
function useJudged(pictures: readonly PictureOfCapture[], kind: PaintedKind | undefined): ReadonlyMap<string, Judged> {
  const [judged, setJudged] = useState<ReadonlyMap<string, Judged>>(new Map());
  const names = pictures.map(({ sha256 }) => sha256).join(' ');
  useEffect(() => {
    let over = false;
    if (names === '') return undefined;
    const look = async () => {
      for (const sha256 of names.split(' ')) {
        const bytes =
          heldBytes(outbox.snapshot(), sha256) ?? (await pictureBytes(sha256, 'view').catch(() => undefined));
        if (over) return;
        const seen = bytes && (await lookAtPicture(bytes, kind).catch(() => undefined));
        if (over) return;
        if (!seen) continue;
        const { fish } = seen;
        const [worst] = faultsOf(fish?.verdicts ?? []);
        const says = !fish ? picturesText.noFlankFound : worst ? say(worst.says) : picturesText.nothingWrongWithIt;
        setJudged((before) => new Map(before).set(sha256, { sha256, worth: fish?.worth ?? 0, says }));
      }
    };
    void look();
    return () => {
      over = true;
    };
  }, [names, kind]);
  return judged;
}
