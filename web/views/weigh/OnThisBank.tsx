import { massSystemOf } from '@keeper/core/measure/mass';
import { OLD_ZERO_MIN, zeroErrorGrams } from '@keeper/core/weighing/slingDrain';
import { setDevicePreference } from '../../data/devicePreferences.js';
import { useSettings } from '../../data/queries.js';
import { useKit } from '../../data/rows.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { useWeighingKit } from '../../data/useWeighingKit.js';
import { Section } from '../../parts/Section.js';
import { Picker } from '../../parts/Picker.js';
import { formatDoubt } from '@keeper/core/measure/formatInterval';

const STEPS = [
  'Soak the sling for two minutes, zips closed.',
  'Hang it from the scale, and the scale from its loop: on a bar, not in a hand.',
  'When it has stopped running, set the scale to zero.',
] as const;

/** Before the take: which scale and sling, and the zero with the wet sling on. */
export function OnThisBank() {
  const kit = useKit();
  const { massUnit, weighMethod } = useSettings();
  const { scales, sling, drain, zeroedAt } = useWeighingKit();
  const nowMs = useMinute();
  const ageMin = zeroedAt ? Math.max(0, (nowMs - Date.parse(zeroedAt)) / 60_000) : undefined;
  const of = (kind: 'scales' | 'sling') =>
    kit.filter((item) => item.kind === kind).map(({ id, name }) => ({ value: id, label: name }));
  return (
    <Section title="On this bank">
      <div className="grid gap-3">
        <Picker
          label="Scales"
          value={scales?.id ?? ''}
          onChange={(id) => setDevicePreference('scalesId', id)}
          options={of('scales')}
        />
        <Picker
          label="Sling"
          value={sling?.id ?? ''}
          onChange={(id) => setDevicePreference('slingId', id)}
          options={of('sling')}
        />
        <ol className="list-decimal pl-5">
          {STEPS.slice(0, weighMethod === 'zeroed' ? 3 : 2).map((step) => (
            <li key={step} className="py-0.5">
              {step}
            </li>
          ))}
        </ol>
        <button
          type="button"
          className="button button-main min-h-14"
          onClick={() => setDevicePreference('zeroedAt', new Date().toISOString())}
        >
          {weighMethod === 'zeroed' ? 'Scale zeroed' : 'Tare read'}
        </button>
        {ageMin !== undefined && (
          <ZeroAge ageMin={ageMin} errorGrams={zeroErrorGrams(drain, ageMin)} system={massSystemOf(massUnit)} />
        )}
      </div>
    </Section>
  );
}

interface ZeroAgeProps {
  readonly ageMin: number;
  readonly errorGrams: number;
  readonly system: 'lb-oz' | 'kg';
}

/** How old the zero is, and by how much the sling will have changed. */
function ZeroAge({ ageMin, errorGrams, system }: ZeroAgeProps) {
  const minutes = Math.round(ageMin);
  if (minutes > 12 * 60) return <p>The last zero is of another day.</p>;
  const age = minutes < 1 ? 'Zeroed just now.' : `Zeroed ${minutes} min ago.`;
  if (minutes <= OLD_ZERO_MIN) return <p role="status">{age}</p>;
  return (
    <p role="status" className="border-l-4 border-air pl-3">
      {age} The sling has run by about <b>{formatDoubt(errorGrams, system)}</b> since. Dip it, let it run off, zero
      again.
    </p>
  );
}
