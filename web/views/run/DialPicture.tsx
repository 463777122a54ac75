import { runText } from './text.en-GB.js';
import { useState } from 'react';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { addPicture } from '../../data/addPicture.js';
import { FileCapture } from './FileCapture.js';

/** The dial is pictured now and read afterwards: the fish does not wait for the reading. */
export function DialPicture({ state, onPictured }: { state: CaptureState; onPictured: () => void }) {
  const [problem, setProblem] = useState(false);
  const add = async (file: File) => {
    const came = await addPicture(state, file, 'scale').catch(() => 'no-room' as const);
    if (came === 'added' || came === 'known') onPictured();
    else setProblem(true);
  };
  return (
    <FileCapture
      label={problem ? runText.notKeptPictureIt : runText.pictureTheDial}
      onFile={(file) => void add(file)}
    />
  );
}
