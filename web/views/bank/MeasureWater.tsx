import { bankText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useState } from 'react';
import type { Condition, WaterDepth } from '@keeper/core/domain/outing/event';
import {
  celsiusOf,
  fahrenheitOf,
  formatTemperature,
  parseTemperature,
  type TempUnit,
} from '@keeper/core/measure/temperature';
import { MOST_OXYGEN_MGL } from '@keeper/core/care/oxygen';
import { Choice } from '../../parts/Choice.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber } from '../../parts/typed.js';
import { ProbeReading } from './ProbeReading.js';
import type { Position } from '@keeper/core/domain/water/water';

interface MeasureWaterProps {
  /** Round which the quick values lie: the last reading, or what the season would have. */
  readonly aboutC: number;
  readonly habit: TempUnit;
  readonly atMs: number;
  readonly position: Position | null;
  readonly onTaken: (condition: Condition) => void;
}

/**
 * The water: a thermometer read by hand in two taps, a probe, or typed; oxygen where there is a meter goes along with
 * any of them.
 */
export function MeasureWater({ aboutC, habit, atMs, position, onTaken }: MeasureWaterProps) {
  const [depth, setDepth] = useState<WaterDepth>('surface');
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const [oxygen, setOxygen] = useState('');
  const [oxygenProblem, setOxygenProblem] = useState<string>();
  /**
   * Oxygen that was typed goes along with whatever is taken; undefined, and said, where it is no number of the sort.
   */
  const oxygenTyped = (): { oxygenMgL?: number } | undefined => {
    if (oxygen.trim() === '') return {};
    const mgL = parseTypedNumber(oxygen);
    if (mgL !== undefined && mgL >= 0 && mgL <= MOST_OXYGEN_MGL) return { oxygenMgL: mgL };
    setOxygenProblem(bankText.oxygenIsANumber({ mostOxygenMgl: MOST_OXYGEN_MGL }));
    return undefined;
  };
  const take = (reading: Condition) => {
    const alongside = oxygenTyped();
    if (alongside) onTaken({ ...reading, ...alongside });
  };
  const takeTyped = () => {
    if (text.trim() === '' && oxygen.trim() !== '') {
      take({ source: 'hand' });
      return;
    }
    const answer = parseTemperature(text, habit, 'water');
    if (answer.ok) take({ source: 'hand', waterC: answer.value, depth });
    else setProblem(say(answer.reason));
  };
  return (
    <div className="grid gap-5">
      <div className="flex flex-wrap gap-2" role="group" aria-label={bankText.readOffTheThermometer}>
        {quickValues(aboutC, habit).map((tempC) => (
          <button
            key={tempC}
            type="button"
            className="button min-h-14 min-w-20 text-lg tabular-nums"
            onClick={() => take({ source: 'hand', waterC: tempC, depth })}
          >
            {formatTemperature(tempC, habit).replace(/ .*/, '°')}
          </button>
        ))}
      </div>
      <Choice<WaterDepth>
        label={bankText.whereItWasTaken}
        value={depth}
        onChange={setDepth}
        options={[
          { value: 'surface', label: bankText.atTheSurface2 },
          { value: 'net-depth', label: bankText.atTheDepthOfThe },
          { value: 'bottom', label: bankText.onTheBottom2 },
        ]}
      />
      <ProbeReading
        habit={habit}
        atMs={atMs}
        position={position}
        onTaken={(waterC) => take({ source: 'probe', waterC, depth })}
      />
      <form
        className="grid gap-3"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          takeTyped();
        }}
      >
        <div className="grid items-start gap-3 sm:grid-cols-2">
          <TextField
            label={bankText.anotherValue}
            numeric
            placeholder={habit === 'F' ? '64.5' : '18.2'}
            value={text}
            problem={problem}
            onChange={(value) => {
              setText(value);
              setProblem(undefined);
            }}
          />
          <TextField
            label={bankText.oxygenFromAMeter}
            numeric
            placeholder="8.4"
            value={oxygen}
            problem={oxygenProblem}
            onChange={(value) => {
              setOxygen(value);
              setOxygenProblem(undefined);
            }}
          />
        </div>
        <button type="submit" className="button">
          {bankText.takeIt}
        </button>
      </form>
    </div>
  );
}

/** Half degrees round the likeliest value, in the keeper's own scale: the second of two taps. */
function quickValues(aboutC: number, habit: TempUnit): number[] {
  const [to, from, step] = habit === 'F' ? [fahrenheitOf, celsiusOf, 1] : [(c: number) => c, (c: number) => c, 0.5];
  const middle = Math.round(to(aboutC) / step) * step;
  const values = Array.from({ length: 11 }, (_, i) => from(middle + (i - 5) * step));
  return values.filter((tempC) => tempC >= 0 && tempC <= 39);
}
