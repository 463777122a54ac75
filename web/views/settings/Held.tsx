import { settingsText } from './text.en-GB.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import type { StoredPicture, StoredRow } from '../../data/deviceStore.js';
import { outbox } from '../../data/deviceOutbox.js';
import { writeRow } from '../../data/record.js';
import { useRow } from '../../data/rows.js';
import { useOutbox } from '../../data/useCapture.js';
import { Section } from '../../parts/Section.js';
import { HeldActions } from './HeldActions.js';
import { HeldEvent, OfFish } from './HeldEvent.js';
import { MendFields } from './MendFields.js';

/** What the server has not taken, of which fish, and why. */
export function Held() {
  const { events, pictures, rows } = useOutbox();
  const isRefused = ({ state }: { readonly state: string }) => state === 'refused';
  const [heldEvents, heldPictures, heldRows] = [
    events.filter(isRefused),
    pictures.filter(isRefused),
    rows.filter(isRefused),
  ];
  const count = heldEvents.length + heldPictures.length + heldRows.length;
  if (count === 0) return null;
  return (
    <Section title={settingsText.notAcceptedByThe}>
      <p className="mb-2 text-soft">{settingsText.thisIsKeptOn({ count })}</p>
      {count > 1 && (
        <button type="button" className="button mb-3" onClick={() => void outbox.sendAgain()}>
          {settingsText.sendAllAgain({ count })}
        </button>
      )}
      <ul>
        {heldEvents.map((held) => (
          <HeldEvent key={held.order} held={held} />
        ))}
        {heldPictures.map((held) => (
          <HeldPicture key={held.sha256} held={held} />
        ))}
        {heldRows.map((row) =>
          row.problem !== undefined && row.fields && row.fields.length > 0 ? (
            <HeldRow key={row.order} row={row} />
          ) : (
            <TwoVersions key={row.order} row={row} />
          ),
        )}
      </ul>
    </Section>
  );
}

function HeldPicture({ held: { sha256, captureId, name, problem } }: { held: StoredPicture }) {
  return (
    <li className="border-t border-rule py-3">
      <p>
        <b>{name}</b>
        <OfFish captureId={captureId} />
      </p>
      <p className="mb-2">{problem}</p>
      <HeldActions
        what={settingsText.thisPicture}
        onAgain={() => outbox.sendAgain((each) => 'sha256' in each && each.sha256 === sha256)}
        onDrop={() => outbox.dropPicture(sha256)}
      />
    </li>
  );
}

/** A row with a field that cannot be as it is. */
function HeldRow({ row }: { row: StoredRow }) {
  const { kind, id, order, body, fields = [] } = row;
  const { name } = body as { name?: unknown };
  const { keep, notKept } = useRecord();
  return (
    <li className="border-t border-rule py-3">
      <p className="font-semibold">{typeof name === 'string' ? name : kind}</p>
      <MendFields
        of={body}
        problems={fields}
        onMended={(right) => void keep(() => writeRow(kind, id, right).then(() => outbox.dropRow(order)))}
      />
      <NotKept when={notKept} />
      <HeldActions
        what={settingsText.thisVersion}
        onAgain={() => outbox.sendAgain((each) => 'kind' in each && each.order === order)}
        onDrop={() => outbox.dropRow(order)}
      />
    </li>
  );
}

/** A row that was written on two devices: both versions, and the keeper decides. */
function TwoVersions({ row }: { row: StoredRow }) {
  const theirs = useRow(row.kind, row.id);
  const drop = () => outbox.dropRow(row.order);
  const { keep, notKept } = useRecord();
  const mineAgain = async () => {
    await writeRow(row.kind, row.id, { ...row.body, revision: theirs?.revision ?? 0 });
    await drop();
  };
  return (
    <li className="border-t border-rule py-3">
      <p className="mb-2">{row.problem}</p>
      <dl className="grid gap-2">
        {differences(row.body, theirs ?? {}).map(({ name, mine, other }) => (
          <div key={name} className="grid grid-cols-[8rem_1fr_1fr] gap-3">
            <dt className="text-soft">{name}</dt>
            <dd>{settingsText.here({ mine })}</dd>
            <dd>{settingsText.there({ other })}</dd>
          </div>
        ))}
      </dl>
      <NotKept when={notKept} />
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="button" onClick={() => void keep(mineAgain)}>
          {settingsText.useTheOneFrom}
        </button>
        <button type="button" className="button" onClick={() => void keep(drop)}>
          {settingsText.keepTheOtherOne}
        </button>
      </div>
    </li>
  );
}

function differences(mine: object, theirs: object): { name: string; mine: string; other: string }[] {
  const text = (of: object, name: string) => JSON.stringify((of as Record<string, unknown>)[name] ?? null);
  return Object.keys(mine)
    .filter((name) => name !== 'revision' && text(mine, name) !== text(theirs, name))
    .map((name) => ({ name, mine: text(mine, name), other: text(theirs, name) }));
}
