import { runText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useEffect, useState, type RefObject } from 'react';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { faultsOf } from '@keeper/core/pictures/verdict';
import { frameOf } from '../../data/camera.js';
import { lookAtFrame } from '../../data/pictureLooker.js';

/**
 * What is wrong with what the camera sees now, the worst of it, in one line; looked at as often as the worker is free.
 */
export function LiveVerdict({
  video,
  kind,
}: {
  video: RefObject<HTMLVideoElement | null>;
  kind: PaintedKind | undefined;
}) {
  const [says, setSays] = useState(runText.lookingForTheFish);
  const [perSecond, setPerSecond] = useState(0);
  useEffect(() => {
    let over = false;
    const looks: number[] = [];
    const look = async () => {
      while (!over) {
        const frame = video.current && frameOf(video.current);
        if (!frame) {
          await new Promise((resolve) => setTimeout(resolve, 100));
          continue;
        }
        const seen = await lookAtFrame(frame, kind).catch(() => undefined);
        if (over) return;
        const now = performance.now();
        looks.push(now);
        while (looks[0] !== undefined && now - looks[0] > 2000) looks.shift();
        setPerSecond(looks.length / 2);
        setSays(wordsFor(seen));
      }
    };
    void look();
    return () => {
      over = true;
    };
  }, [video, kind]);
  return (
    <p role="status" aria-live="off" data-looks-a-second={perSecond} className="min-h-14 font-semibold">
      {says}
    </p>
  );
}

function wordsFor(seen: Awaited<ReturnType<typeof lookAtFrame>> | undefined): string {
  if (!seen?.fish) return runText.noFishInThe;
  const [worst] = faultsOf(seen.fish.verdicts);
  return worst ? `${say(worst.says)} ${worst.nextTime ? say(worst.nextTime) : ''}` : runText.goodTakeIt;
}
