import { weighText } from './text.en-GB.js';
import { askedBack } from '../../parts/weight/askedBack.js';
import { say } from '../../text/say.js';
import { useState } from 'react';
import type { KeptKitItem } from '@keeper/contract/kit';
import { formatMass } from '@keeper/core/measure/formatMass';
import { gramsOf, massSystemOf, type Mass } from '@keeper/core/measure/mass';
import { parseMass } from '@keeper/core/measure/parseMass';
import type { TareNote } from '@keeper/core/domain/kit/tareNote';
import { useDevicePreference } from '../../data/devicePreferences.js';
import { writeRow } from '../../data/record.js';
import { useSettings } from '../../data/queries.js';
import { scaleOf } from '../../data/scale.js';
import { useWeighingKit } from '../../data/useWeighingKit.js';
import { Notice } from '../../parts/Notice.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber } from '../../parts/typed.js';
import { aboutMass } from '@keeper/core/measure/nearestMass';
import { LiveScaleReading } from '../../parts/weight/LiveScaleReading.js';
import { useLiveScale } from '../../parts/weight/useLiveScale.js';

/** One more weighing of the empty sling: typed, or off the connected scale; wet ones with how long it has hung. */
export function TareForm({ item }: { item: KeptKitItem }) {
  const { massUnit } = useSettings();
  const way = useDevicePreference('scale');
  const { nature, slingGrams } = useWeighingKit();
  const { state, listen, stop } = useLiveScale(gramsOf(nature.division));
  const [text, setText] = useState('');
  const [hung, setHung] = useState('');
  const [problem, setProblem] = useState<string>();
  const [notKept, setNotKept] = useState(false);
  const minutes = parseTypedNumber(hung);
  const hungProblem =
    minutes !== undefined && !(minutes >= 0 && minutes <= 24 * 60) ? weighText.minutesSinceItCame : undefined;

  const add = (wet: boolean) => {
    const parsed = parseMass(text, massSystemOf(massUnit));
    if (parsed.kind === 'refused') return setProblem(say(parsed.reason));
    if (parsed.kind === 'ambiguous') return setProblem(askedBack(parsed));
    if (hungProblem) return undefined;
    const { id, updatedAt: _at, ...row } = item;
    const tare: TareNote = {
      at: new Date().toISOString(),
      wet,
      mass: parsed.mass,
      ...(wet && minutes !== undefined && { hungMin: minutes }),
    };
    return void writeRow('kit', id, { ...row, tares: [...row.tares, tare] } as typeof row).then(
      () => {
        setText('');
        setHung('');
        setNotKept(false);
      },
      () => setNotKept(true),
    );
  };
  const fromScale = (mass: Mass) => {
    // In the keeper's unit, whatever the scale sends.
    setText(formatMass(aboutMass(gramsOf(mass), massUnit)));
    stop();
  };

  return (
    <div className="mt-3 grid gap-3">
      {state.is !== 'off' && (
        <LiveScaleReading
          state={state}
          division={nature.division}
          what="sling"
          rounding="as-read"
          onTaken={({ sent }) => fromScale(sent)}
        />
      )}
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          className="w-44"
          label={weighText.emptyItWeighs}
          placeholder={massSystemOf(massUnit) === 'kg' ? '0.74 kg' : weighText.lbOz}
          value={text}
          problem={problem}
          onChange={(value) => {
            setText(value);
            setProblem(undefined);
          }}
        />
        <TextField
          className="w-44"
          label={weighText.minutesItHasHung}
          numeric
          value={hung}
          problem={hungProblem}
          onChange={setHung}
        />
      </div>
      <div className="flex flex-wrap gap-3">
        <button type="button" className="button font-normal" onClick={() => add(true)}>
          {weighText.recordItWet}
        </button>
        <button type="button" className="button font-normal" onClick={() => add(false)}>
          {weighText.recordItDry}
        </button>
        {way !== 'none' && state.is === 'off' && (
          <button
            type="button"
            className="button font-normal"
            onClick={() =>
              void listen(scaleOf(way, { what: 'sling', slingGrams, zeroGrams: 0, division: nature.division }))
            }
          >
            {weighText.readItOffThe}
          </button>
        )}
      </div>
      {notKept && <Notice role="alert">{weighText.itCouldNotBe}</Notice>}
    </div>
  );
}
