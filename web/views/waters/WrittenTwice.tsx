import { paths } from '../../app/paths.js';
import { watersText } from './text.en-GB.js';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { KeptWater } from '@keeper/contract/waters';
import { useTally } from '../../data/queries.js';
import { useStandingWaters, useSwims } from '../../data/rows.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { Picker } from '../../parts/Picker.js';
import { countText } from './countText.js';
import { becomeOneWater } from './becomeOneWater.js';

/**
 * A water that stands in the book under two names: its fish and swims become those of the other, and it is archived.
 */
export function WrittenTwice({ water }: { water: KeptWater }) {
  const navigate = useNavigate();
  const others = useStandingWaters().filter(({ id }) => id !== water.id);
  const swims = useSwims().filter(({ waterId }) => waterId === water.id);
  const fish = useTally().data?.byWater.find(({ waterId }) => waterId === water.id)?.captures ?? 0;
  const [otherId, setOther] = useState('');
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState(false);
  const other = others.find(({ id }) => id === otherId);
  if (others.length === 0) return null;
  const become = async () => {
    if (!other) return;
    setBusy(true);
    setFailed(false);
    try {
      await becomeOneWater(water, other, swims);
    } catch {
      setFailed(true);
      setBusy(false);
      return;
    }
    await navigate(paths.waters);
  };
  return (
    <Section title={watersText.inTheBookTwice}>
      <div className="grid max-w-md gap-3">
        <Picker
          label={watersText.theSameWaterAs}
          placeholder={watersText.theSameWaterAs2}
          value={otherId}
          onChange={setOther}
          options={others.map(({ id, name }) => ({ value: id, label: name }))}
        />
        {other && (
          <>
            <p>
              {watersText.whatItHasAnd({
                fish: countText(fish, 'fish', 'fish'),
                length: countText(swims.length, 'swim', 'swims'),
                name: other.name,
                name2: water.name,
              })}
            </p>
            {failed && <Notice role="alert">{watersText.notAllOfIt}</Notice>}
            <button type="button" className="button" disabled={busy} onClick={() => void become()}>
              {watersText.makeItOneWater({ name: other.name })}
            </button>
          </>
        )}
      </div>
    </Section>
  );
}
