import type { Named, NameInSheet } from '@keeper/core/sheet/matchNames';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { SAME_AS } from './openSheet.js';
import { sheetText } from './text.en-GB.js';

const NEW = 'new';

interface NamesProps {
  readonly title: string;
  readonly names: readonly NameInSheet[];
  readonly known: readonly Named[];
  /** By the folded name; the empty text for a new one. */
  readonly chosen: Readonly<Record<string, string>>;
  readonly onChoose: (chosen: Readonly<Record<string, string>>) => void;
  /** Of many names only those that may be another are asked about. */
  readonly onlyPerhaps?: boolean;
}

/** Names of the sheet beside those of the book: what differs by a slip is proposed, and never taken unasked. */
export function Names({ title, names, known, chosen, onChoose, onlyPerhaps = false }: NamesProps) {
  const inBook = names.flatMap(({ is }) => known.find(({ id }) => id === is)?.name ?? []);
  const open = names.filter(
    ({ is, perhaps, perhapsAs }) => is === null && (!onlyPerhaps || perhaps.length + perhapsAs.length > 0),
  );
  if (open.length === 0 && (onlyPerhaps || inBook.length === 0)) return null;
  return (
    <Section title={title}>
      {inBook.length > 0 && !onlyPerhaps && <p className="mb-3 text-soft">{sheetText.isKnown({ names: inBook })}</p>}
      <ul className="grid gap-3 sm:grid-cols-2">
        {open.map(({ written, rows, perhaps, perhapsAs }) => (
          <li key={written}>
            <p className="mb-1 text-sm">{sheetText.written({ name: written, rows })}</p>
            <Picker
              label={sheetText.isIt({ name: written })}
              value={chosen[foldWord(written)] || NEW}
              onChange={(id) => onChoose({ ...chosen, [foldWord(written)]: id === NEW ? '' : id })}
              options={[
                { value: NEW, label: sheetText.isNew },
                ...perhapsAs.map((name) => ({ value: `${SAME_AS}${name}`, label: sheetText.sameAs({ name }) })),
                ...known
                  .toSorted((a, b) => Number(isPerhaps(perhaps, b)) - Number(isPerhaps(perhaps, a)))
                  .map(({ id, name }) => ({ value: id, label: name })),
              ]}
            />
          </li>
        ))}
      </ul>
    </Section>
  );
}

function isPerhaps(perhaps: readonly Named[], { id }: Named): boolean {
  return perhaps.some((each) => each.id === id);
}
