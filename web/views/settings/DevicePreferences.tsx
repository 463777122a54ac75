import { settingsText } from './text.en-GB.js';
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
    <Section title={settingsText.thisDeviceInThe}>
      <p className="mb-1 text-sm">{settingsText.whenTheTimeIn}</p>
      <Choice<AlertWay>
        label={settingsText.whenTheTimeInThe}
        value={alert}
        onChange={(way) => setDevicePreference('alert', way)}
        options={[
          { value: 'silent', label: settingsText.onlyShowsIt },
          { value: 'vibrate', label: settingsText.vibrates },
          { value: 'sound', label: settingsText.sounds },
          { value: 'voice', label: settingsText.saysSo },
        ]}
      />
      <p className="mt-1.5 text-soft">{settingsText.atNightItNever}</p>
      <p className="mt-4 mb-1 text-sm">{settingsText.heldInThe}</p>
      <Choice<Hand>
        label={settingsText.theHandThatHolds}
        value={hand}
        onChange={(side) => setDevicePreference('hand', side)}
        options={[
          { value: 'right', label: settingsText.rightHand },
          { value: 'left', label: settingsText.leftHand },
        ]}
      />
      <p className="mt-4 mb-1 text-sm">{settingsText.itListensTo}</p>
      <Choice<ScaleWay>
        label={settingsText.theScaleItListens}
        value={scale}
        onChange={(way) => setDevicePreference('scale', way)}
        options={[
          { value: 'none', label: settingsText.noScale },
          { value: 'simulated', label: settingsText.theSimulatedScale },
          ...(canUseBluetooth() ? [{ value: 'bluetooth' as const, label: settingsText.aScaleOverBluetooth }] : []),
        ]}
      />
    </Section>
  );
}
