import { partsText } from './text.en-GB.js';
import { ImagePlus } from 'lucide-react';
import { useId, useState } from 'react';
import { MOST_PICTURE_BYTES } from '@keeper/contract/limits';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { addPicture } from '../data/addPicture.js';
import { useOutbox } from '../data/useCapture.js';
import { FishPicture } from './FishPicture.js';
import { Notice } from './Notice.js';
import { SaveUnsent } from './SaveUnsent.js';

/** Whether a writing failed for want of room. */
function isFull({ name }: Error): boolean {
  return name === 'QuotaExceededError';
}

/**
 * The pictures of a capture (where they are not shown elsewhere), and a place to add more from the disk or the camera.
 */
export function AddPictures({ state, shown = true }: { state: CaptureState; shown?: boolean }) {
  const id = useId();
  const [problem, setProblem] = useState<string>();
  const [full, setFull] = useState(false);
  const refused = useOutbox().pictures.filter((held) => held.captureId === state.captureId && held.state === 'refused');
  const add = async (files: readonly File[]) => {
    setProblem(undefined);
    for (const file of files) {
      if (file.size > MOST_PICTURE_BYTES) {
        setProblem(partsText.isLargerThanMb({ name: file.name }));
        continue;
      }
      const came = await addPicture(state, file).catch((cause: unknown) => cause);
      if (came instanceof Error && !isFull(came)) {
        setProblem(partsText.couldNotBeKept({ name: file.name, message: came.message }));
      } else if (came === 'no-room' || came instanceof Error) {
        setFull(true);
        setProblem(partsText.thereIsNoRoom({ name: file.name }));
      }
      if (came === 'not-a-picture') {
        setProblem(partsText.isNotAPicture({ name: file.name }));
      }
    }
  };
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        {(shown ? state.pictures : []).map(({ sha256 }, i) => (
          <FishPicture
            key={sha256}
            sha256={sha256}
            size="thumb"
            alt={partsText.pictureOfThisFish({ i: i + 1 })}
            className="h-28 w-40 rounded"
          />
        ))}
        <label
          htmlFor={id}
          className="button h-28 w-40 flex-col border-dashed text-center text-sm font-normal has-focus-visible:outline-3 has-focus-visible:outline-water"
        >
          <ImagePlus aria-hidden />
          {partsText.addPictures}
          <input
            id={id}
            type="file"
            accept="image/*"
            multiple
            className="sr-only"
            onChange={(event) => {
              void add([...(event.target.files ?? [])]);
              event.target.value = '';
            }}
          />
        </label>
      </div>
      {problem && <Notice role="alert">{problem}</Notice>}
      {full && <SaveUnsent />}
      {refused.map(({ sha256, name, problem: why }) => (
        <Notice key={sha256} role="alert">
          {name}: {why} {partsText.theFileStaysOn}
        </Notice>
      ))}
    </div>
  );
}
