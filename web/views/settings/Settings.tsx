import { say } from '../../text/say.js';
import { Download } from 'lucide-react';
import { useState } from 'react';
import type { LengthHabit } from '@keeper/contract/preferences';
import type { BarbPractice } from '@keeper/core/domain/kit/rig';
import { HOT_CAPTURE_WAYS, type HotCapturePractice } from '@keeper/core/care/hotCapture';
import { STOP_PRACTICE_WORDS, STOP_PRACTICES, type StopPractice } from '@keeper/core/care/stopLine';
import type { TempUnit } from '@keeper/core/measure/temperature';
import type { MassUnit } from '@keeper/core/measure/mass';
import type { Rounding } from '@keeper/core/weighing/rounding';
import type { WeighMethod } from '@keeper/core/domain/capture/weightReading';
import { setTheme, useTheme, type Theme } from '../../app/theme.js';
import { useSettings, useWriteSettings } from '../../data/queries.js';
import { Choice } from '../../parts/Choice.js';
import { LengthOfChoice } from '../../parts/LengthOfChoice.js';
import { Notice } from '../../parts/Notice.js';
import { NotSecure } from '../../parts/NotSecure.js';
import { Section } from '../../parts/Section.js';
import { BankWays } from './BankPreferences.js';
import { DeviceWays } from './DevicePreferences.js';
import { Held } from './Held.js';
import { Standins } from './Standins.js';
import { WaitingHere } from './Waiting.js';

/** The keeper's preferences, the light of this device, and the way out for the whole book. */
export function Settings() {
  const { updatedAt: _at, ...ways } = useSettings();
  const write = useWriteSettings();
  const light = useTheme();
  return (
    <div className="grid max-w-2xl gap-9">
      <h1 className="text-3xl font-semibold">Settings</h1>
      <NotSecure />
      <WaitingHere />
      <Held />
      <Section title="Light of this screen">
        <Choice<Theme>
          label="Light"
          value={light}
          onChange={setTheme}
          options={[
            { value: 'day', label: 'Day' },
            { value: 'glare', label: 'Glare' },
            { value: 'night', label: 'Night' },
          ]}
        />
      </Section>
      <Section title="What your scale shows">
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
      </Section>
      <Section title="How you weigh">
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
      </Section>
      <Section title="What lies between two marks">
        <Choice<Rounding>
          label="Rounding of weights"
          value={ways.rounding}
          onChange={(rounding) => write.mutate({ ...ways, rounding })}
          options={[
            { value: 'down', label: 'Round down to the mark' },
            { value: 'nearest', label: 'Round to the nearer mark' },
            { value: 'as-read', label: 'Keep as read' },
          ]}
        />
        <p className="mt-4 mb-1 text-sm">Before the reading, a guess is</p>
        <Choice<'asked' | 'not-asked'>
          label="Guess first"
          value={ways.guessFirst ? 'asked' : 'not-asked'}
          onChange={(asked) => write.mutate({ ...ways, guessFirst: asked === 'asked' })}
          options={[
            { value: 'not-asked', label: 'not asked' },
            { value: 'asked', label: 'asked' },
          ]}
        />
      </Section>
      <Section title="How you measure">
        <Choice<LengthHabit>
          label="Length in"
          value={ways.lengthHabit}
          onChange={(lengthHabit) => write.mutate({ ...ways, lengthHabit })}
          options={[
            { value: 'in', label: 'Inches' },
            { value: 'cm', label: 'Centimetres' },
          ]}
        />
      </Section>
      <Section title="What a length is of">
        <LengthOfChoice value={ways.lengthOf} onChange={(lengthOf) => write.mutate({ ...ways, lengthOf })} />
        <p className="mt-2 text-soft">
          Each length keeps to where it was read. Growth, condition and what a fish should weigh go by the tip with the
          tail pinched, converted by kind.
        </p>
      </Section>
      <Section title="Temperatures in">
        <Choice<TempUnit>
          label="Temperatures in"
          value={ways.tempHabit}
          onChange={(tempHabit) => write.mutate({ ...ways, tempHabit })}
          options={[
            { value: 'C', label: '°C' },
            { value: 'F', label: '°F' },
          ]}
        />
      </Section>
      <Section title="When the water is too warm">
        <Choice<StopPractice>
          label="Temperature limit"
          value={ways.stopSchool}
          onChange={(stopSchool) => write.mutate({ ...ways, stopSchool })}
          options={STOP_PRACTICES.map((value) => ({ value, label: say(STOP_PRACTICE_WORDS[value].name) }))}
        />
        <p className="mt-2 mb-4 text-soft">
          {say(STOP_PRACTICE_WORDS[ways.stopSchool].why)} A rule of the water comes before it.
        </p>
        <Choice<HotCapturePractice>
          label="A fish hooked all the same"
          value={ways.hotCaptureSchool}
          onChange={(hotCaptureSchool) => write.mutate({ ...ways, hotCaptureSchool })}
          options={HOT_CAPTURE_WAYS.map(({ school, name }) => ({ value: school, label: say(name) }))}
        />
      </Section>
      <Section title="Your hooks">
        <Choice<BarbPractice>
          label="Kind of barb"
          value={ways.barbSchool}
          onChange={(barbSchool) => write.mutate({ ...ways, barbSchool })}
          options={[
            { value: 'barbless', label: 'Barbless' },
            { value: 'rolled', label: 'Barbs rolled flat' },
            { value: 'micro', label: 'Micro-barbed' },
          ]}
        />
      </Section>
      <BankWays bank={ways.bank} onChange={(bank) => write.mutate({ ...ways, bank })} />
      <DeviceWays />
      {write.isError && <Notice role="alert">{write.error.message} Nothing was changed.</Notice>}
      <Standins />
      <Section title="Export the book">
        <TakeAway />
      </Section>
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
