import type { StoredRow } from '../../data/deviceStore.js';
import { outbox, writeRow } from '../../data/keeper.js';
import { useRow } from '../../data/rows.js';
import { useOutbox } from '../../data/useCapture.js';
import { Part } from '../../parts/Part.js';

/** What the server has not taken, and why. */
export function Held() {
  const { events, pictures, rows } = useOutbox();
  const refused = [...events, ...pictures].filter(({ state }) => state === 'refused');
  const refusedRows = rows.filter(({ state }) => state === 'refused');
  if (refused.length + refusedRows.length === 0) return null;
  return (
    <Part title="Refused by the server">
      <p className="mb-2 text-soft">These are kept on this device. Nothing else waits behind them.</p>
      <ul>
        {refused.map((each) => (
          <li key={'event' in each ? each.event.id : each.sha256} className="border-t border-rule py-2">
            <b>{'event' in each ? each.event.type : each.name}</b>: {each.problem}
          </li>
        ))}
        {refusedRows.map((row) => (
          <TwoVersions key={row.order} row={row} />
        ))}
      </ul>
    </Part>
  );
}

/** A row that was written on two devices: both versions, and the keeper decides. */
function TwoVersions({ row }: { row: StoredRow }) {
  const theirs = useRow(row.kind, row.id);
  const drop = () => outbox.dropRow(row.order);
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
            <dd>here: {mine}</dd>
            <dd>there: {other}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="button" onClick={() => void mineAgain()}>
          Write the one from here
        </button>
        <button type="button" className="button" onClick={() => void drop()}>
          Let the other one stand
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
