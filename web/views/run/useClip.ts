import { runText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useEffect, useRef, useState, type RefObject } from 'react';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { faultsOf } from '@keeper/core/pictures/verdict';
import { stillOf } from '../../data/camera.js';
import { lookAtPicture } from '../../data/pictureLooker.js';

export interface Still {
  readonly address: string;
  readonly says: string;
  readonly worth: number;
  readonly keep: () => Promise<void>;
}

const SECONDS = 3;
const STILLS_A_SECOND = 5;
const PROPOSED = 3;

/** A short clip as a row of stills, of which the sharpest and best framed are proposed. The row itself is not kept. */
export function useClip(
  video: RefObject<HTMLVideoElement | null>,
  kind: PaintedKind | undefined,
  keep: (file: File) => Promise<void>,
) {
  const [running, setRunning] = useState(false);
  const [stills, setStills] = useState<readonly Still[]>([]);
  const addresses = useRef<string[]>([]);
  useEffect(() => () => addresses.current.forEach((address) => URL.revokeObjectURL(address)), []);

  const take = async () => {
    setRunning(true);
    setStills([]);
    const files: File[] = [];
    const began = performance.now();
    while (video.current && performance.now() - began < SECONDS * 1000) {
      files.push(await stillOf(video.current));
      const next = began + (files.length * 1000) / STILLS_A_SECOND;
      await new Promise((resolve) => setTimeout(resolve, Math.max(0, next - performance.now())));
    }
    const judged: Still[] = [];
    for (const file of files) {
      const { fish } = await lookAtPicture(file, kind);
      const [worst] = faultsOf(fish?.verdicts ?? []);
      const address = URL.createObjectURL(file);
      addresses.current.push(address);
      judged.push({
        address,
        worth: fish?.worth ?? 0,
        says: !fish ? runText.noFishFound : worst ? say(worst.says) : runText.nothingWrongWithIt,
        keep: async () => {
          await keep(file);
          setStills((before) => before.filter((still) => still.address !== address));
        },
      });
    }
    setStills(judged.toSorted((a, b) => b.worth - a.worth).slice(0, PROPOSED));
    setRunning(false);
  };
  return { running, stills, take };
}
