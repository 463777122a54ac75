import { say } from '../text/say.js';
import { partsText } from './text.en-GB.js';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { WriteWaterDto } from '@keeper/contract/waters';
import { WATER_KINDS, WATER_KIND_WORDS, type WaterKind } from '@keeper/core/domain/water/water';
import { newId } from '../data/device.js';
import { writeRow } from '../data/record.js';
import { useRecord } from '../data/useRecord.js';
import { Choice } from './Choice.js';
import { FieldSentence, Notice } from './Notice.js';

/** The little that a new water needs: its name and its kind. */
export function NameWater({ onNamed }: { onNamed: (waterId: string) => void }) {
  const [id] = useState(newId);
  const { keep, notKept } = useRecord();
  const form = useForm<WriteWaterDto>({
    resolver: classValidatorResolver(WriteWaterDto),
    defaultValues: { name: '', kind: 'lake', revision: 0 },
  });
  const kind = useWatch({ control: form.control, name: 'kind' });
  const problem = form.formState.errors.name?.message;
  const submit = form.handleSubmit(async (wanted) => {
    if (await keep(() => writeRow('waters', id, wanted))) onNamed(id);
  });
  return (
    <form
      className="grid gap-5"
      noValidate
      onSubmit={(event) => {
        // The sheet may stand inside another form on the page.
        event.stopPropagation();
        void submit(event);
      }}
    >
      <div>
        <label htmlFor="water-name" className="mb-1 block font-semibold">
          {partsText.itsName}
        </label>
        <input
          id="water-name"
          className="field"
          autoComplete="off"
          aria-invalid={problem !== undefined}
          aria-describedby={problem && 'water-name-problem'}
          {...form.register('name')}
        />
        {problem && <FieldSentence id="water-name-problem">{problem}</FieldSentence>}
      </div>
      <Choice<WaterKind>
        label={partsText.kindOfWater}
        value={kind}
        onChange={(chosen) => form.setValue('kind', chosen)}
        options={WATER_KINDS.map((each) => ({ value: each, label: say(WATER_KIND_WORDS[each]) }))}
      />
      <p className="text-soft">{partsText.whereItLiesIs}</p>
      {notKept && <Notice role="alert">{partsText.itCouldNotBe}</Notice>}
      <button type="submit" className="button button-main" disabled={form.formState.isSubmitting}>
        {partsText.saveThisWater}
      </button>
    </form>
  );
}
