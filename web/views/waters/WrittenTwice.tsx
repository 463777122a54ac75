import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { JoinedKind, KeptJoining, WriteJoiningDto } from '@keeper/contract/joinings';
import { paths } from '../../app/paths.js';
import { newId } from '../../data/device.js';
import { useTally } from '../../data/queries.js';
import { writeRow } from '../../data/record.js';
import { useJoinings, useStandingSwims, useStandingWaters, useSwims } from '../../data/rows.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { dayText, localInput } from '../../parts/when.js';
import { countText } from './countText.js';
import { watersText } from './text.en-GB.js';

interface Named {
  readonly id: string;
  readonly name: string;
}

/**
 * A water or a swim that stands in the book under two names: what it has goes over to the other, and it is
 * archived. What was made one is made two again here.
 */
export function WrittenTwice({ kind, row, retired }: { kind: JoinedKind; row: Named; retired: boolean }) {
  const joining = useJoinings().findLast(({ fromId, retired: parted }) => fromId === row.id && !parted);
  if (retired) return joining ? <TwoAgain joining={joining} name={row.name} /> : null;
  return <MakeOne kind={kind} row={row} />;
}

function MakeOne({ kind, row }: { kind: JoinedKind; row: Named }) {
  const navigate = useNavigate();
  const others = useOthers(kind, row.id);
  const goesOver = useWhatGoesOver(kind, row.id);
  const [otherId, setOther] = useState('');
  const { keep, notKept } = useRecord();
  const other = others.find(({ id }) => id === otherId);
  if (others.length === 0) return null;
  const become = async () => {
    if (!other) return;
    const why = watersText.andAreOne({ kind, name: row.name, name2: other.name });
    const joining: WriteJoiningDto = { kind, fromId: row.id, intoId: other.id, why, retired: false, revision: 0 };
    if (await keep(() => writeRow('joinings', newId(), joining))) await navigate(paths.waters);
  };
  return (
    <Section title={watersText.inTheBookTwice}>
      <div className="grid max-w-md gap-3">
        <Picker
          label={watersText.theSameAs({ kind })}
          placeholder={watersText.theSameAs2({ kind })}
          value={otherId}
          onChange={setOther}
          options={others.map(({ id, name }) => ({ value: id, label: name }))}
        />
        {other && (
          <>
            <p>{watersText.whatItHas({ goesOver, name: other.name, name2: row.name })}</p>
            <NotKept when={notKept} />
            <button type="button" className="button" onClick={() => void become()}>
              {watersText.makeThemOne({ kind, name: other.name })}
            </button>
          </>
        )}
      </div>
    </Section>
  );
}

function TwoAgain({ joining, name }: { joining: KeptJoining; name: string }) {
  const { kind, intoId, updatedAt, id } = joining;
  const others = useOthers(kind, joining.fromId);
  const other = others.find((each) => each.id === intoId);
  const { keep, notKept } = useRecord();
  const today = localInput(useMinute()).slice(0, 10);
  const part = () => {
    const { fromId, revision } = joining;
    const parted: WriteJoiningDto = { kind, fromId, intoId, retired: true, revision };
    return keep(() => writeRow('joinings', id, parted));
  };
  return (
    <Section title={watersText.madeOne}>
      <p className="mb-3">
        {watersText.becameOn({
          name,
          other: other?.name ?? watersText.another({ kind }),
          day: dayText(updatedAt || today),
        })}
      </p>
      <NotKept when={notKept} />
      <button type="button" className="button" onClick={() => void part()}>
        {watersText.makeThemTwo}
      </button>
    </Section>
  );
}

/** The others of its kind that it may be one with: of swims those of the same water. */
function useOthers(kind: JoinedKind, ownId: string): readonly Named[] {
  const [waters, swims, all] = [useStandingWaters(), useStandingSwims(), useSwims()];
  const waterId = all.find(({ id }) => id === ownId)?.waterId;
  const rows = kind === 'waters' ? waters : swims.filter((swim) => swim.waterId === waterId);
  return rows.filter(({ id }) => id !== ownId);
}

function useWhatGoesOver(kind: JoinedKind, id: string): string {
  const fish = useTally().data?.byWater.find(({ waterId }) => waterId === id)?.captures ?? 0;
  const swims = useSwims().filter(({ waterId }) => waterId === id);
  if (kind === 'swims') return watersText.itsFishAndOutings;
  return watersText.fishSwimsOutings({
    fish: countText(fish, 'fish', 'fish'),
    swims: countText(swims.length, 'swim', 'swims'),
  });
}
