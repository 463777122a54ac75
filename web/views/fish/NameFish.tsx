import { paths } from '../../app/paths.js';
import { fishText } from './text.en-GB.js';
import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { WriteFishDto } from '@keeper/contract/fish';
import { useRegister } from '../../data/known.js';
import { useFishNames } from '../../data/rows.js';
import { countText } from './fishWords.js';
import { Sheet } from '../../parts/Sheet.js';
import { TextField } from '../../parts/TextField.js';
import { NoteField } from '../../parts/NoteField.js';
import { useRowForm } from '../../parts/useRowForm.js';

/** The name of a fish, and a leaf to change it on. */
export function NameFish({ fishId, name }: { fishId: string; name: string }) {
  const [open, setOpen] = useState(false);
  const row = useFishNames().find(({ id }) => id === fishId);
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-3xl font-semibold md:text-4xl">{name}</h1>
        <button type="button" className="quiet-link min-h-12" onClick={() => setOpen(true)}>
          {fishText.nameAndNoteGive({ isNamed: row !== undefined })}
        </button>
      </div>
      {row?.note && <p className="max-w-prose font-book text-xl whitespace-pre-line">{row.note}</p>}
      <Sheet title={fishText.nameAndNote} open={open} onOpenChange={setOpen}>
        <NameForm key={row?.revision ?? 0} fishId={fishId} row={row} onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}

interface NameFormProps {
  readonly fishId: string;
  readonly row: ReturnType<typeof useFishNames>[number] | undefined;
  readonly onDone: () => void;
}

function NameForm({ fishId, row, onDone }: NameFormProps) {
  const [name, setName] = useState(row?.name ?? '');
  const [note, setNote] = useState(row?.note ?? '');
  const register = useRegister();
  const typed = name.trim().toLowerCase();
  const namesake = register.fish.find(
    (each) => each.fishId !== fishId && typed !== '' && register.nameOf(each.fishId).toLowerCase() === typed,
  );
  const form = useRowForm({
    kind: 'fish',
    id: fishId,
    contract: WriteFishDto,
    onKept: onDone,
    bodyOf: (retired) => ({ name: name.trim(), note: note.trim() || null, retired, revision: row?.revision ?? 0 }),
  });
  const keep = (event: FormEvent) => {
    event.preventDefault();
    void form.put(false);
  };
  return (
    <form onSubmit={keep} className="grid gap-4">
      <TextField label={fishText.nameOrNumber} value={name} onChange={setName} problem={form.at('name')} />
      {namesake && (
        <p className="border-l-4 border-air pl-3" role="status">
          {fishText.anotherFishIsCalled}{' '}
          <Link to={paths.fish(namesake.fishId)} className="quiet-link">
            {register.nameOf(namesake.fishId)}, {countText(namesake.captures.length)}
          </Link>
          {fishText.isItTheSame}
        </p>
      )}
      <NoteField label={fishText.howYouRecogniseIt} value={note} onChange={setNote} />
      <button type="submit" className="button button-main min-h-14">
        {fishText.keepIt}
      </button>
      {form.notKept && <p role="alert">{fishText.thisDeviceCouldNot}</p>}
    </form>
  );
}
