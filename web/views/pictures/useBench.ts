import { useCallback, useState } from 'react';
import type { EventPayloads, PictureRole } from '@keeper/core/capture/event';
import type { CaptureStory, PictureInStory } from '@keeper/core/capture/story';
import { makeEvent, record } from '../../data/keeper.js';

type Made = Omit<EventPayloads['picture-read'], 'sha256'>;

export interface Bench {
  readonly picture: PictureInStory;
  /** Keeps what was made out of the picture; each is a step that can be taken back. */
  readonly keep: (made: Made) => Promise<void>;
  readonly undo: (() => void) | undefined;
  readonly redo: (() => void) | undefined;
  readonly notKept: boolean;
}

/** One picture on the bench, with the steps since it was laid there. Taking a step back is written down as well: nothing is erased. */
export function useBench(story: CaptureStory, picture: PictureInStory): Bench {
  const [steps, setSteps] = useState<{ readonly before: Made; readonly after: Made }[]>([]);
  const [done, setDone] = useState(0);
  const [notKept, setNotKept] = useState(false);
  const { captureId, startedAt } = story;
  const { sha256 } = picture;

  const write = useCallback(
    async (made: Made) => {
      try {
        await record([makeEvent(captureId, startedAt, 'picture-read', { sha256, ...made })]);
        setNotKept(false);
        return true;
      } catch {
        setNotKept(true);
        return false;
      }
    },
    [captureId, startedAt, sha256],
  );
  const keep = async (made: Made) => {
    const before = soFar(picture, made);
    if (!(await write(made))) return;
    setSteps([...steps.slice(0, done), { before, after: made }]);
    setDone(done + 1);
  };
  const last = steps[done - 1];
  const next = steps[done];
  return {
    ...{ picture, keep, notKept },
    undo: last && (() => void write(last.before).then((good) => good && setDone(done - 1))),
    redo: next && (() => void write(next.after).then((good) => good && setDone(done + 1))),
  };
}

/** What stood before in the places that are about to change. A part that was never given goes back to none that is known. */
function soFar({ role, reading }: PictureInStory, made: Made): Made {
  return {
    ...('role' in made && role !== null && { role: role satisfies PictureRole }),
    ...('landmarks' in made && { landmarks: reading?.landmarks ?? null }),
    ...('by' in made && reading?.by && { by: reading.by }),
    ...('view' in made && { view: reading?.view ?? null }),
    ...('length' in made && { length: reading?.length ?? null }),
    ...('marks' in made && { marks: reading?.marks ?? null }),
  };
}
