import { canUseBluetooth } from '../../data/bluetooth.js';
import {
  setDevicePreference,
  useDevicePreference,
  type AlertWay,
  type Hand,
  type ScaleWay,
} from '../../data/devicePreferences.js';
import { Choice } from '../../parts/Choice.js';
import { Section } from '../../parts/Section.js';

/** What only this device needs to know. */
export function DeviceWays() {
  const alert = useDevicePreference('alert');
  const hand = useDevicePreference('hand');
  const scale = useDevicePreference('scale');
  return (
    <Section title="This device, in the run">
      <p className="mb-1 text-sm">When the time in the air goes, it</p>
      <Choice<AlertWay>
        label="When the time in the air goes"
        value={alert}
        onChange={(way) => setDevicePreference('alert', way)}
        options={[
          { value: 'silent', label: 'only shows it' },
          { value: 'vibrate', label: 'vibrates' },
          { value: 'sound', label: 'sounds' },
          { value: 'voice', label: 'says so' },
        ]}
      />
      <p className="mt-1.5 text-soft">At night it never sounds or speaks.</p>
      <p className="mt-4 mb-1 text-sm">Held in the</p>
      <Choice<Hand>
        label="The hand that holds it"
        value={hand}
        onChange={(side) => setDevicePreference('hand', side)}
        options={[
          { value: 'right', label: 'right hand' },
          { value: 'left', label: 'left hand' },
        ]}
      />
      <p className="mt-4 mb-1 text-sm">It listens to</p>
      <Choice<ScaleWay>
        label="The scale it listens to"
        value={scale}
        onChange={(way) => setDevicePreference('scale', way)}
        options={[
          { value: 'none', label: 'no scale' },
          { value: 'simulated', label: 'the simulated scale' },
          ...(canUseBluetooth() ? [{ value: 'bluetooth' as const, label: 'a scale over Bluetooth' }] : []),
        ]}
      />
    </Section>
  );
}
