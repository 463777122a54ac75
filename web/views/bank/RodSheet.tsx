import { useState } from 'react';
import type { RodSetup } from '@keeper/core/domain/capture/rodFacts';
import { useSettings } from '../../data/queries.js';
import { Notice } from '../../parts/Notice.js';
import { RodFields } from '../../parts/rod/RodFields.js';
import { rodDraftOf, rodSetupOf } from '../../parts/rod/rodDraft.js';
import { partsText } from '../../parts/text.en-GB.js';
import { bankText } from './text.en-GB.js';

interface RodSheetProps {
  readonly waterId: string | null;
  readonly setup: RodSetup;
  readonly onCast: (setup: RodSetup) => void;
}

/** The whole of how a rod fishes, to be cast so. */
export function RodSheet({ waterId, setup, onCast }: RodSheetProps) {
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
        if (read) onCast(read);
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
        {bankText.castItSo}
      </button>
    </form>
  );
}
