import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { WriteViewDto } from '@keeper/contract/views';
import { problemsIn } from '@keeper/contract/validation';
import { newId } from '../../data/device.js';
import { writeRow } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { bookText } from './text.en-GB.js';

/** Saves what is shown under a name, to be shown again in a tap. */
export function SaveView({ onSaved }: { onSaved: () => void }) {
  const [search] = useSearchParams();
  const [name, setName] = useState('');
  const [tried, setTried] = useState(false);
  const { keep, notKept } = useRecord();
  const view = { name: name.trim(), search: search.toString(), retired: false, revision: 0 };
  const [problem] = problemsIn(WriteViewDto, view);
  if (view.search === '') return null;
  const save = async () => {
    setTried(true);
    if (!problem && (await keep(() => writeRow('views', newId(), view)))) onSaved();
  };
  return (
    <Section title={bookText.saveAsView}>
      <p className="mb-3 text-soft">{bookText.whatIsShownNow}</p>
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          className="w-64"
          label={bookText.nameOfView}
          value={name}
          problem={tried ? problem?.sentence : undefined}
          onChange={setName}
        />
        <button type="button" className="button" onClick={() => void save()}>
          {bookText.saveView}
        </button>
      </div>
      <NotKept when={notKept} />
    </Section>
  );
}
