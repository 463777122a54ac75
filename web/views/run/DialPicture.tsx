import { useId, useState } from 'react';
import type { CaptureStory } from '@keeper/core/capture/story';
import { addPicture } from '../../data/keeper.js';

/** The dial is pictured now and read afterwards: the fish does not wait for the reading. */
export function DialPicture({ story, onPictured }: { story: CaptureStory; onPictured: () => void }) {
  const id = useId();
  const [problem, setProblem] = useState(false);
  const add = async (file: File | undefined) => {
    if (!file) return;
    const came = await addPicture(story, file, 'scale').catch(() => 'no-room' as const);
    if (came === 'added' || came === 'known') onPictured();
    else setProblem(true);
  };
  return (
    <label
      htmlFor={id}
      className="button min-h-20 px-2 text-center leading-tight has-focus-visible:outline-3 has-focus-visible:outline-water"
    >
      {problem ? 'Not kept: picture it again' : 'Picture the dial'}
      <input
        id={id}
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        onChange={(event) => {
          void add(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
    </label>
  );
}
