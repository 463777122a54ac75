import { useState } from 'react';
import { WriteKeeperDto } from '@keeper/contract/keepers';
import { problemsIn } from '@keeper/contract/validation';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { newId } from '../../data/device.js';
import { writeRow } from '../../data/record.js';
import { useKeepers } from '../../data/rows.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { sentenceAt } from '../../parts/typed.js';
import { useHousehold } from '../../parts/useHousehold.js';
import { keepersText } from './text.en-GB.js';
import { WhoIsFishing } from './WhoIsFishing.js';

/** A keeper as the names are typed. */
interface Named {
  readonly id: string;
  readonly label: string;
  readonly kept: string;
  readonly revision: number;
}

/** The keepers of this book: who they are, one more, and who holds this device. */
export function KeepersSection() {
  const rows = useKeepers().filter(({ retired }) => !retired);
  const household = useHousehold();
  const [another, setAnother] = useState(newId);
  const first = rows.find(({ id }) => id === FIRST_KEEPER);
  const named: readonly Named[] = [
    {
      id: FIRST_KEEPER,
      label: household.length === 0 ? keepersText.yourName : keepersText.nameOf({ name: first?.name ?? '1' }),
      kept: first?.name ?? '',
      revision: first?.revision ?? 0,
    },
    ...rows
      .filter(({ id }) => id !== FIRST_KEEPER)
      .map(({ id, name, revision }) => ({ id, label: keepersText.nameOf({ name }), kept: name, revision })),
  ];
  return (
    <Section title={keepersText.whoKeeps}>
      {household.length === 0 ? (
        <p className="mb-3 max-w-prose text-soft">{keepersText.alone}</p>
      ) : (
        <div className="mb-5 grid gap-1.5">
          <WhoIsFishing saysOwn />
          <p className="text-soft">{keepersText.whatGoesWithIt}</p>
        </div>
      )}
      <Names
        key={`${another} ${named.map(({ revision }) => revision).join()}`}
        named={named}
        another={another}
        onAdded={() => setAnother(newId())}
      />
    </Section>
  );
}

interface NamesProps {
  readonly named: readonly Named[];
  /** The id that one more keeper gets. */
  readonly another: string;
  readonly onAdded: () => void;
}

function Names({ named, another, onAdded }: NamesProps) {
  const household = useHousehold();
  const { keep, notKept } = useRecord();
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const [tried, setTried] = useState(false);
  const nameOf = ({ id, kept }: Named) => typed[id] ?? kept;
  const isAdding = (typed[another] ?? '').trim() !== '';
  const added: Named = { id: another, label: keepersText.theirName, kept: '', revision: 0 };
  // With somebody else in the book, everybody in it needs a name.
  const changed = [...named, ...(isAdding ? [added] : [])].filter(
    (each) => nameOf(each) !== each.kept || (isAdding && each.kept === ''),
  );
  const bodyOf = (each: Named, retired: boolean) => ({ name: nameOf(each).trim(), retired, revision: each.revision });
  const problemOf = (each: Named) =>
    tried && changed.includes(each) ? sentenceAt(problemsIn(WriteKeeperDto, bodyOf(each, false)), 'name') : undefined;
  const save = async () => {
    setTried(true);
    if (changed.some((each) => problemsIn(WriteKeeperDto, bodyOf(each, false)).length > 0)) return;
    const kept = await keep(async () => {
      for (const each of changed) await writeRow('keepers', each.id, bodyOf(each, false));
    });
    if (kept && isAdding) onAdded();
  };
  return (
    <form
      className="grid max-w-xl gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {named.map((each) => (
        <div key={each.id} className="flex items-end gap-3">
          <TextField
            className="grow"
            label={each.label}
            value={nameOf(each)}
            mostLetters={60}
            problem={problemOf(each)}
            onChange={(name) => setTyped((before) => ({ ...before, [each.id]: name }))}
          />
          {each.id !== FIRST_KEEPER && !household.find(({ id }) => id === each.id)?.isMe && (
            <button
              type="button"
              className="button"
              aria-label={keepersText.archiveWhom({ name: each.kept })}
              onClick={() => void keep(() => writeRow('keepers', each.id, bodyOf(each, true)))}
            >
              {keepersText.archive}
            </button>
          )}
        </div>
      ))}
      <TextField
        label={household.length === 0 ? keepersText.theirName : keepersText.nameOfAnother}
        value={typed[another] ?? ''}
        mostLetters={60}
        onChange={(name) => setTyped((before) => ({ ...before, [another]: name }))}
      />
      <button type="submit" className="button justify-self-start" disabled={changed.length === 0}>
        {isAdding ? keepersText.addThem : keepersText.saveNames}
      </button>
      {household.length > 0 && <p className="text-sm text-soft">{keepersText.archiveMeans}</p>}
      <NotKept when={notKept} />
    </form>
  );
}
