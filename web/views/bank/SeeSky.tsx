import { bankText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useState } from 'react';
import type { Condition } from '@keeper/core/domain/outing/event';
import { formatTemperature, parseTemperature, type TempUnit } from '@keeper/core/measure/temperature';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber } from '../../parts/typed.js';

interface SeeSkyProps {
  readonly aboutC: number;
  readonly habit: TempUnit;
  readonly onTaken: (condition: Condition) => void;
}

/** What one sees and feels: air, sky, wind, and a barometer where there is one. Each is two taps. */
export function SeeSky({ aboutC, habit, onTaken }: SeeSkyProps) {
  const [air, setAir] = useState('');
  const [airProblem, setAirProblem] = useState<string>();
  const [pressure, setPressure] = useState('');
  const [pressureProblem, setPressureProblem] = useState<string>();
  const take = (condition: Omit<Condition, 'source'>) => onTaken({ source: 'hand', ...condition });
  const middle = Math.round(aboutC);
  return (
    <div className="grid gap-5">
      <Quick
        label={bankText.air2}
        values={[-6, -4, -2, 0, 2, 4, 6].map((by) => middle + by)}
        says={(tempC) => formatTemperature(tempC, habit).replace(/ .*/, '°')}
        onTap={(airC) => take({ airC })}
      />
      <Quick
        label={bankText.sky}
        values={[0, 2, 4, 6, 8]}
        says={(octas) =>
          ({ 0: 'clear', 2: bankText.aFewClouds, 4: 'half', 6: bankText.mostlyCloud, 8: 'overcast' })[octas] ?? ''
        }
        onTap={(cloudOctas) => take({ cloudOctas })}
      />
      <Quick
        label={bankText.wind}
        values={[0.5, 2, 5, 9]}
        says={(windMs) => ({ 0.5: 'still', 2: 'light', 5: 'fresh', 9: 'strong' })[windMs] ?? ''}
        onTap={(windMs) => take({ windMs })}
      />
      <form
        className="flex flex-wrap items-end gap-3"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          const answer = air.trim() === '' ? undefined : parseTemperature(air, habit, 'air');
          const hPa = parseTypedNumber(pressure);
          if (answer && !answer.ok) return setAirProblem(say(answer.reason));
          if (hPa !== undefined && !(hPa >= 850 && hPa <= 1100)) {
            return setPressureProblem(bankText.aBarometerReducedTo);
          }
          if (answer || hPa !== undefined) {
            take({ ...(answer?.ok && { airC: answer.value }), ...(hPa !== undefined && { pressureHpa: hPa }) });
          }
        }}
      >
        <TextField
          className="flex-1"
          label={bankText.airAnotherValue}
          numeric
          value={air}
          problem={airProblem}
          onChange={(value) => {
            setAir(value);
            setAirProblem(undefined);
          }}
        />
        <TextField
          className="flex-1"
          label={bankText.barometerHpa}
          numeric
          value={pressure}
          problem={pressureProblem}
          onChange={(value) => {
            setPressure(value);
            setPressureProblem(undefined);
          }}
        />
        <button type="submit" className="button">
          {bankText.takeIt}
        </button>
      </form>
    </div>
  );
}

interface QuickProps {
  readonly label: string;
  readonly values: readonly number[];
  readonly says: (value: number) => string;
  readonly onTap: (value: number) => void;
}

function Quick({ label, values, says, onTap }: QuickProps) {
  return (
    <div role="group" aria-label={label}>
      <p className="mb-1 text-sm">{label}</p>
      <div className="flex flex-wrap gap-2">
        {values.map((value) => (
          <button key={value} type="button" className="button min-h-14 font-normal" onClick={() => onTap(value)}>
            {says(value)}
          </button>
        ))}
      </div>
    </div>
  );
}
