import { Written } from './Written.js';
import { settingsText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { ArrowLeftRight, Smartphone } from 'lucide-react';
import { Link } from 'react-router';
import { paths } from '../../app/paths.js';
import type { LengthHabit } from '@keeper/contract/preferences';
import type { BarbPractice } from '@keeper/core/domain/practice/barbPractice';
import { HOT_CAPTURE_WAYS } from '@keeper/core/care/hotCapture';
import type { HotCapturePractice } from '@keeper/core/domain/practice/hotCapturePractice';
import { STOP_PRACTICE_WORDS } from '@keeper/core/care/stopLine';
import { STOP_PRACTICES, type StopPractice } from '@keeper/core/domain/practice/stopPractice';
import type { TempUnit } from '@keeper/core/measure/temperature';
import type { MassUnit } from '@keeper/core/measure/mass';
import type { Rounding } from '@keeper/core/weighing/rounding';
import type { WeighMethod } from '@keeper/core/domain/practice/weighMethod';
import { setTheme, useTheme, type Theme } from '../../app/theme.js';
import { useSettings, useWriteSettings } from '../../data/queries.js';
import { Choice } from '../../parts/Choice.js';
import { LengthOfChoice } from '../../parts/LengthOfChoice.js';
import { Notice } from '../../parts/Notice.js';
import { NotSecure } from '../../parts/NotSecure.js';
import { Section } from '../../parts/Section.js';
import { KeepersSection } from '../keepers/KeepersSection.js';
import { BankWays } from './BankPreferences.js';
import { DeviceWays } from './DevicePreferences.js';
import { Held } from './Held.js';
import { Standins } from './Standins.js';
import { WaitingHere } from './Waiting.js';

/** The keeper's preferences, and the light of this device. */
export function Settings() {
  const { updatedAt: _at, ...ways } = useSettings();
  const write = useWriteSettings();
  const light = useTheme();
  return (
    <div className="grid max-w-2xl gap-9">
      <h1 className="text-3xl font-semibold">{settingsText.settings}</h1>
      <NotSecure />
      <Link to={paths.devices} className="button justify-self-start text-lg">
        <Smartphone size={22} strokeWidth={1.75} aria-hidden />
        {settingsText.devices}
      </Link>
      <WaitingHere />
      <Held />
      <KeepersSection />
      <Section title={settingsText.lightOfThisScreen}>
        <Choice<Theme>
          label={settingsText.light}
          value={light}
          onChange={setTheme}
          options={[
            { value: 'day', label: settingsText.day },
            { value: 'glare', label: settingsText.glare },
            { value: 'night', label: settingsText.night },
          ]}
        />
      </Section>
      <Written />
      <Section title={settingsText.whatYourScaleShows}>
        <Choice<MassUnit>
          label={settingsText.divisionOfTheScale}
          value={ways.massUnit}
          onChange={(massUnit) => write.mutate({ ...ways, massUnit })}
          options={[
            { value: 'oz', label: settingsText.lbAndOz },
            { value: 'quarter-oz', label: '¼ oz' },
            { value: 'dram', label: settingsText.lbOzDrams },
            { value: 'lb/100', label: settingsText.lbDecimal },
            { value: 'g', label: settingsText.kg },
          ]}
        />
      </Section>
      <Section title={settingsText.howYouWeigh}>
        <Choice<WeighMethod>
          label={settingsText.schoolOfWeighing}
          value={ways.weighMethod}
          onChange={(weighMethod) => write.mutate({ ...ways, weighMethod })}
          options={[
            { value: 'zeroed', label: settingsText.zeroWithTheWet },
            { value: 'gross-minus-tare', label: settingsText.grossMinusTare },
          ]}
        />
        <p className="mt-2 text-soft">{settingsText.theReadingIsThe({ weighMethod: ways.weighMethod })}</p>
      </Section>
      <Section title={settingsText.whatLiesBetweenTwo}>
        <Choice<Rounding>
          label={settingsText.roundingOfWeights}
          value={ways.rounding}
          onChange={(rounding) => write.mutate({ ...ways, rounding })}
          options={[
            { value: 'down', label: settingsText.roundDownToThe },
            { value: 'nearest', label: settingsText.roundToTheNearer },
            { value: 'as-read', label: settingsText.keepAsRead },
          ]}
        />
        <p className="mt-4 mb-1 text-sm">{settingsText.beforeTheReadingA}</p>
        <Choice<'asked' | 'not-asked'>
          label={settingsText.guessFirst}
          value={ways.guessFirst ? 'asked' : 'not-asked'}
          onChange={(asked) => write.mutate({ ...ways, guessFirst: asked === 'asked' })}
          options={[
            { value: 'not-asked', label: settingsText.notAsked },
            { value: 'asked', label: settingsText.asked },
          ]}
        />
      </Section>
      <Section title={settingsText.howYouMeasure}>
        <Choice<LengthHabit>
          label={settingsText.lengthIn}
          value={ways.lengthHabit}
          onChange={(lengthHabit) => write.mutate({ ...ways, lengthHabit })}
          options={[
            { value: 'in', label: settingsText.inches },
            { value: 'cm', label: settingsText.centimetres },
          ]}
        />
      </Section>
      <Section title={settingsText.whatALengthIs}>
        <LengthOfChoice value={ways.lengthOf} onChange={(lengthOf) => write.mutate({ ...ways, lengthOf })} />
        <p className="mt-2 text-soft">{settingsText.eachLengthKeepsTo}</p>
      </Section>
      <Section title={settingsText.temperaturesIn}>
        <Choice<TempUnit>
          label={settingsText.temperaturesIn}
          value={ways.tempHabit}
          onChange={(tempHabit) => write.mutate({ ...ways, tempHabit })}
          options={[
            { value: 'C', label: '°C' },
            { value: 'F', label: '°F' },
          ]}
        />
      </Section>
      <Section title={settingsText.whenTheWaterIs}>
        <Choice<StopPractice>
          label={settingsText.temperatureLimit}
          value={ways.stopSchool}
          onChange={(stopSchool) => write.mutate({ ...ways, stopSchool })}
          options={STOP_PRACTICES.map((value) => ({ value, label: say(STOP_PRACTICE_WORDS[value].name) }))}
        />
        <p className="mt-2 mb-4 text-soft">
          {settingsText.aRuleOfThe({ why: say(STOP_PRACTICE_WORDS[ways.stopSchool].why) })}
        </p>
        <Choice<HotCapturePractice>
          label={settingsText.aFishHookedAll}
          value={ways.hotCaptureSchool}
          onChange={(hotCaptureSchool) => write.mutate({ ...ways, hotCaptureSchool })}
          options={HOT_CAPTURE_WAYS.map(({ school, name }) => ({ value: school, label: say(name) }))}
        />
      </Section>
      <Section title={settingsText.yourHooks}>
        <Choice<BarbPractice>
          label={settingsText.kindOfBarb}
          value={ways.barbSchool}
          onChange={(barbSchool) => write.mutate({ ...ways, barbSchool })}
          options={[
            { value: 'barbless', label: settingsText.barbless },
            { value: 'rolled', label: settingsText.barbsRolledFlat },
            { value: 'micro', label: settingsText.microBarbed },
          ]}
        />
      </Section>
      <BankWays bank={ways.bank} onChange={(bank) => write.mutate({ ...ways, bank })} />
      <DeviceWays />
      {write.isError && (
        <Notice role="alert">{settingsText.nothingWasChanged({ message: write.error.message })}</Notice>
      )}
      <Standins />
      <Link to={paths.inAndOut} className="button justify-self-start text-lg">
        <ArrowLeftRight size={22} strokeWidth={1.75} aria-hidden />
        {settingsText.comesAndGoes}
      </Link>
    </div>
  );
}
