import { useCallback, useState } from 'react';
import type { EventPayloads, PictureRole } from '@keeper/core/domain/capture/event';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { makeEvent, record } from '../../data/record.js';

type Made = Omit<EventPayloads['picture-read'], 'sha256'>;

export interface Bench {
  readonly picture: PictureOfCapture;
  /**
   * Keeps what was made out of the picture; each is a step that can be taken back. A step of which there is nothing to
   * keep yet, such as the first marks of a board, is a step as well. `shown` puts the page as it was before the step,
   * and as it was after it.
   */
  readonly keep: (made: Made | undefined, shown?: Shown) => Promise<boolean>;
  readonly undo: (() => void) | undefined;
  readonly redo: (() => void) | undefined;
  readonly notKept: boolean;
}

/** What a step changed on the page. */
export interface Shown {
  readonly back: () => void;
  readonly forth: () => void;
}

interface Step {
  readonly before: Made | undefined;
  readonly after: Made | undefined;
  readonly shown: Shown | undefined;
}

/**
 * One picture on the bench, with the steps since it was laid there. Taking a step back is written down as well: nothing
 * is erased.
 */
export function useBench(state: CaptureState, picture: PictureOfCapture): Bench {
  const [steps, setSteps] = useState<readonly Step[]>([]);
  const [done, setDone] = useState(0);
  const [notKept, setNotKept] = useState(false);
  const { captureId, begunAt } = state;
  const { sha256 } = picture;

  const write = useCallback(
    async (made: Made | undefined) => {
      if (!made) return true;
      try {
        await record([makeEvent(captureId, begunAt, 'picture-read', { sha256, ...made })]);
        setNotKept(false);
        return true;
      } catch {
        setNotKept(true);
        return false;
      }
    },
    [captureId, begunAt, sha256],
  );
  const keep = async (made: Made | undefined, shown?: Shown) => {
    const before = made && soFar(picture, made);
    if (!(await write(made))) return false;
    setSteps([...steps.slice(0, done), { before, after: made, shown }]);
    setDone(done + 1);
    return true;
  };
  const go = async (made: Made | undefined, to: number, show: (() => void) | undefined) => {
    if (!(await write(made))) return;
    setDone(to);
    show?.();
  };
  const last = steps[done - 1];
  const next = steps[done];
  return {
    picture,
    keep,
    notKept,
    undo: last && (() => void go(last.before, done - 1, last.shown?.back)),
    redo: next && (() => void go(next.after, done + 1, next.shown?.forth)),
  };
}

/**
 * What stood before in the places that are about to change. A part that was never given goes back to none that is
 * known.
 */
function soFar({ role, reading }: PictureOfCapture, made: Made): Made {
  return {
    ...('role' in made && role !== null && { role: role satisfies PictureRole }),
    ...('landmarks' in made && { landmarks: reading?.landmarks ?? null }),
    ...('by' in made && reading?.by && { by: reading.by }),
    ...('view' in made && { view: reading?.view ?? null }),
    ...('length' in made && { length: reading?.length ?? null }),
    ...('marks' in made && { marks: reading?.marks ?? null }),
  };
}
