import { picturesText } from './text.en-GB.js';
import { type LandmarkName } from '@keeper/core/domain/fish/anatomy';
import { LANDMARKS, type LandmarksPx } from '@keeper/core/domain/fish/landmarks';
import type { Pixel } from '@keeper/core/geometry/pixel';
import type { LookedAt } from '../../workers/pictureLook.js';
import { type draftOf } from './boardDraft.js';
import { type StagePoint } from './PictureStage.js';

const LANDMARK_WORDS: Readonly<Record<LandmarkName, { readonly name: string; readonly sign: string }>> = {
  snout: { name: picturesText.tipOfTheSnout, sign: picturesText.snoutSign },
  eye: { name: picturesText.middleOfTheEye, sign: picturesText.eyeSign },
  dorsal: { name: picturesText.frontOfTheDorsal, sign: picturesText.dorsalSign },
  pelvic: { name: picturesText.frontOfThePelvic, sign: picturesText.pelvicSign },
  anal: { name: picturesText.frontOfTheAnal, sign: picturesText.analSign },
  fork: { name: picturesText.forkOfTheTail, sign: picturesText.forkSign },
};

export function landmarkPoints(landmarks: LandmarksPx | undefined): StagePoint[] {
  return landmarks ? LANDMARKS.map((id) => ({ id, at: landmarks[id], ...LANDMARK_WORDS[id] })) : [];
}

export function boardPoints({ marks, nose, tail, inches }: ReturnType<typeof draftOf>): StagePoint[] {
  return [
    ...marks.map(({ atMm, pixel }, i) => {
      const says = String(Number((atMm / (inches ? 25.4 : 10)).toFixed(2)));
      return { id: `mark ${i}`, at: pixel, name: picturesText.theMarkAt({ says }), sign: says };
    }),
    ...(nose ? [{ id: 'nose', at: nose, name: picturesText.theNose, sign: picturesText.noseSign }] : []),
    ...(tail ? [{ id: 'tail', at: tail, name: picturesText.theTail, sign: picturesText.tailSign }] : []),
  ];
}

export function boardLines({ nose, tail }: ReturnType<typeof draftOf>): (readonly [Pixel, Pixel])[] {
  return nose && tail ? [[nose, tail]] : [];
}

export function markPoints(marks: readonly Pixel[]): StagePoint[] {
  return marks.map((at, i) => ({ id: String(i), name: picturesText.mark({ i: i + 1 }), at, sign: String(i + 1) }));
}

/** Where the six points are laid for the keeper to drag: a fish across the middle of the picture, head left. */
export function guessed({ widthPx, heightPx }: LookedAt): LandmarksPx {
  const at = (u: number, v: number): Pixel => ({ x: widthPx * (0.15 + 0.7 * u), y: heightPx / 2 + widthPx * 0.7 * v });
  return {
    snout: at(0, 0),
    eye: at(0.12, -0.03),
    dorsal: at(0.42, -0.13),
    pelvic: at(0.46, 0.11),
    anal: at(0.73, 0.09),
    fork: at(1, 0),
  };
}
