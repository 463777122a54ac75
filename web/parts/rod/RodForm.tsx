import { useState } from 'react';
import type { RodSetup } from '@keeper/core/domain/capture/rodFacts';
import { useSettings } from '../../data/queries.js';
import { Notice } from '../Notice.js';
import { RodFields } from './RodFields.js';
import { rodDraftOf, rodSetupOf } from './rodDraft.js';
import { partsText } from '../text.en-GB.js';

interface RodFormProps {
  readonly waterId: string | null;
  readonly setup: RodSetup;
  /** What the button says that takes it. */
  readonly submit: string;
  readonly onTold: (setup: RodSetup) => void;
}

/** The whole of how a rod fishes; what cannot be read is said, and nothing is taken. */
export function RodForm({ waterId, setup, submit, onTold }: RodFormProps) {
  const { lengthHabit } = useSettings();
  const [draft, setDraft] = useState(() => rodDraftOf(setup, lengthHabit));
  const [tried, setTried] = useState(false);
  const read = rodSetupOf(draft, lengthHabit);
  return (
    <form
      className="grid gap-5"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (read) onTold(read);
      }}
    >
      <RodFields
        draft={draft}
        waterId={waterId}
        units={lengthHabit}
        onChange={(change) => setDraft((standing) => ({ ...standing, ...change }))}
      />
      {tried && !read && <Notice role="alert">{partsText.distanceOrDepthIs}</Notice>}
      <button type="submit" className="button button-main min-h-14">
        {submit}
      </button>
    </form>
  );
}
