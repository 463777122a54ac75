import { weighText } from './text.en-GB.js';
import { massSystemOf } from '@keeper/core/measure/mass';
import { OLD_ZERO_MIN, zeroErrorGrams } from '@keeper/core/weighing/slingDrain';
import { setDevicePreference } from '../../data/devicePreferences.js';
import { useSettings } from '../../data/queries.js';
import { useStandingKit } from '../../data/rows.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { useWeighingKit } from '../../data/useWeighingKit.js';
import { Section } from '../../parts/Section.js';
import { Picker } from '../../parts/Picker.js';
import { formatDoubt } from '@keeper/core/measure/formatInterval';

const STEPS = [weighText.soakTheSlingFor, weighText.hangItFromThe, weighText.whenItHasStopped] as const;

/** Before the take: which scale and sling, and the zero with the wet sling on. */
export function OnThisBank() {
  const kit = useStandingKit();
  const { massUnit, weighMethod } = useSettings();
  const { scales, sling, drain, zeroedAt } = useWeighingKit();
  const nowMs = useMinute();
  const ageMin = zeroedAt ? Math.max(0, (nowMs - Date.parse(zeroedAt)) / 60_000) : undefined;
  const of = (kind: 'scales' | 'sling') =>
    kit.filter((item) => item.kind === kind).map(({ id, name }) => ({ value: id, label: name }));
  return (
    <Section title={weighText.onThisBank}>
      <div className="grid gap-3">
        <Picker
          label={weighText.scales}
          value={scales?.id ?? ''}
          onChange={(id) => setDevicePreference('scalesId', id)}
          options={of('scales')}
        />
        <Picker
          label={weighText.sling}
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
          {weighText.scaleZeroedTareRead({ weighMethod })}
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
  if (minutes > 12 * 60) return <p>{weighText.theLastZeroIs}</p>;
  const age = minutes < 1 ? weighText.zeroedJustNow : weighText.zeroedMinAgo({ minutes });
  if (minutes <= OLD_ZERO_MIN) return <p role="status">{age}</p>;
  return (
    <p role="status" className="border-l-4 border-air pl-3">
      {weighText.theSlingHasRun({ age })} <b>{formatDoubt(errorGrams, system)}</b> {weighText.sinceDipItLet}
    </p>
  );
}
