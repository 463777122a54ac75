import { Download } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import type { LengthHabit } from '@keeper/contract/ways';
import type { MassUnit } from '@keeper/core/measure/mass';
import type { WeighMethod } from '@keeper/core/weighing/reading';
import { setLight, useLight, type Light } from '../../app/light.js';
import { useSettings, useWriteSettings } from '../../data/queries.js';
import { useOutbox } from '../../data/useCapture.js';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';

/** The keeper's ways, the light of this device, and the way out for the whole book. */
export function Settings() {
  const { updatedAt: _at, ...ways } = useSettings();
  const write = useWriteSettings();
  const light = useLight();
  return (
    <div className="grid max-w-2xl gap-9">
      <h1 className="text-3xl font-semibold">Settings</h1>
      <Part title="Light of this screen">
        <Choice<Light>
          label="Light"
          value={light}
          onChange={setLight}
          options={[
            { value: 'day', label: 'Day' },
            { value: 'glare', label: 'Glare' },
            { value: 'night', label: 'Night' },
          ]}
        />
      </Part>
      <Part title="What your scale shows">
        <Choice<MassUnit>
          label="Division of the scale"
          value={ways.massUnit}
          onChange={(massUnit) => write.mutate({ ...ways, massUnit })}
          options={[
            { value: 'oz', label: 'lb and oz' },
            { value: 'quarter-oz', label: '¼ oz' },
            { value: 'dram', label: 'lb, oz, drams' },
            { value: 'lb/100', label: 'lb, decimal' },
            { value: 'g', label: 'kg' },
          ]}
        />
      </Part>
      <Part title="How you weigh">
        <Choice<WeighMethod>
          label="School of weighing"
          value={ways.weighMethod}
          onChange={(weighMethod) => write.mutate({ ...ways, weighMethod })}
          options={[
            { value: 'zeroed', label: 'Zero with the wet sling on' },
            { value: 'gross-minus-tare', label: 'Gross minus tare' },
          ]}
        />
        <p className="mt-2 text-soft">
          {ways.weighMethod === 'zeroed'
            ? 'The reading is the weight. Nothing is left to subtract, so nothing can be subtracted wrongly.'
            : 'The tare is of the sling as wet as it is now. The sum is shown the way one would check it on paper.'}
        </p>
      </Part>
      <Part title="How you measure">
        <Choice<LengthHabit>
          label="Length in"
          value={ways.lengthHabit}
          onChange={(lengthHabit) => write.mutate({ ...ways, lengthHabit })}
          options={[
            { value: 'in', label: 'Inches' },
            { value: 'cm', label: 'Centimetres' },
          ]}
        />
      </Part>
      {write.isError && <Notice role="alert">{write.error.message} Nothing was changed.</Notice>}
      <Part title="Take the book with you">
        <TakeAway />
      </Part>
      <Held />
    </div>
  );
}

function TakeAway() {
  const [positions, setPositions] = useState<'left-out' | 'included'>('left-out');
  return (
    <>
      <Choice
        label="Positions of waters"
        value={positions}
        onChange={setPositions}
        options={[
          { value: 'left-out', label: 'Without positions' },
          { value: 'included', label: 'With positions' },
        ]}
      />
      <div className="mt-3 flex flex-wrap gap-3">
        {(['csv', 'json'] as const).map((format) => (
          <a key={format} href={`/api/book.${format}?positions=${positions}`} download className="button">
            <Download size={20} aria-hidden />
            {format === 'csv' ? 'CSV, for a spreadsheet' : 'JSON, with every entry'}
          </a>
        ))}
      </div>
    </>
  );
}

/** What the server has not taken, and why. */
function Held() {
  const { events, pictures } = useOutbox();
  const refused = [...events, ...pictures].filter(({ state }) => state === 'refused');
  if (refused.length === 0) return null;
  return (
    <Part title="Refused by the server">
      <p className="mb-2 text-soft">These are kept on this device. Nothing else waits behind them.</p>
      <ul>
        {refused.map((each) => (
          <li key={'event' in each ? each.event.id : each.sha256} className="border-t border-rule py-2">
            <b>{'event' in each ? each.event.type : each.name}</b>: {each.problem}
          </li>
        ))}
      </ul>
    </Part>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title}>
      <h2 className="mb-3 text-xl font-semibold">{title}</h2>
      {children}
    </section>
  );
}
