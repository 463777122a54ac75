import { whoText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useEffect, useMemo, useState } from 'react';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { summaryOf } from '@keeper/core/domain/capture/summary';
import { paintedKind, speciesOf, type PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { linkedFacts, type LinkedFacts } from '@keeper/core/recognition/identity/consistencyChecks';
import { pointsFit } from '@keeper/core/recognition/landmarks/pointsFit';
import type { LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import { speciesName } from '@keeper/core/domain/fish/species';
import { usePictureBytes } from '../../data/pictureBytes.js';
import { lookAtPicture } from '../../data/pictureLooker.js';
import type { AskedFlank } from '../../workers/whoIsThis.js';

/** The flank that is asked about, a sentence that says why it cannot be, or nothing while it is looked for. */
export function useAskedFlank(
  state: CaptureState,
  { sha256, role, reading }: PictureOfCapture,
): AskedFlank | string | undefined {
  const { captureId, facts } = state;
  const { bytes, gone } = usePictureBytes(sha256);
  const kind = facts.species ? paintedKind(facts.species, facts.form) : undefined;
  const told = reading?.landmarks;
  const marks = reading?.marks ?? NO_MARKS;
  // The same facts are the same question, whatever else was tapped.
  const factsKey = JSON.stringify(linkedFacts(summaryOf(state)));
  const linked = useMemo(() => JSON.parse(factsKey) as LinkedFacts, [factsKey]);
  const [found, setFound] = useState<Pick<AskedFlank, 'landmarks' | 'side'> | string>();
  useEffect(() => {
    if (!bytes || !kind) return undefined;
    let past = false;
    lookAtPicture(bytes, kind, told).then(
      ({ fish }) => {
        if (past) return;
        // Where nobody looked at the points, the way the head points says which flank it is, whatever was wanted when
        // it was taken.
        const side = (told && sideOf(role)) ?? (fish?.headRight ? 'right' : 'left');
        setFound(
          !fish
            ? NO_FLANK
            : fish.doubtful
              ? DOUBTFUL
              : (misfit(fish.landmarks, kind) ?? { landmarks: fish.landmarks, side }),
        );
      },
      () => past || setFound(whoText.thisBrowserCannotRead),
    );
    return () => {
      past = true;
    };
  }, [bytes, kind, told, role]);
  const asked = useMemo(
    () =>
      bytes && kind && typeof found === 'object'
        ? { bytes, ...found, kind, captureId, facts: linked, marks }
        : undefined,
    [bytes, found, kind, captureId, linked, marks],
  );
  if (!kind) return whoText.fishOfThisKind;
  if (gone) return whoText.thePictureIsOn;
  return typeof found === 'string' ? found : asked;
}

/** Why the six points cannot be those of the fish as it is noted; undefined when they can. */
function misfit(landmarks: LandmarksPx, kind: PaintedKind): string | undefined {
  const fit = pointsFit(landmarks, kind);
  if (fit.fits) return undefined;
  const [noted, likelier] = [kind, fit.likelier].map((each) => say(speciesName(each && speciesOf(each))).toLowerCase());
  return fit.likelier ? whoText.itsFinsLieAs({ likelier, noted }) : whoText.theSixPointsDo;
}

/** Which flank a role says; undefined for one that says none. */
export function sideOf(role: PictureOfCapture['role']): AskedFlank['side'] | undefined {
  return role === 'left-flank' ? 'left' : role === 'right-flank' ? 'right' : undefined;
}

const NO_MARKS: AskedFlank['marks'] = [];
const NO_FLANK = whoText.noFlankWasFound;
const DOUBTFUL = whoText.whereTheFishLies;
