import { paths } from '../../app/paths.js';
import { say } from '../../text/say.js';
import { watersText } from './text.en-GB.js';
import { useNavigate, useParams } from 'react-router';
import { WriteWaterDto, type KeptWater } from '@keeper/contract/waters';
import { NO_RULES, type OwnKitRule, type WaterRules } from '@keeper/core/domain/water/rules';
import type { WaterPractices } from '@keeper/core/domain/practice/practicesAt';
import { WATER_KINDS, WATER_KIND_WORDS, type WaterKind } from '@keeper/core/domain/water/water';
import { useSettings } from '../../data/queries.js';
import { useWaters } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { NoteField } from '../../parts/NoteField.js';
import { Picker } from '../../parts/Picker.js';
import { RowForm } from '../../parts/RowForm.js';
import { useRowForm } from '../../parts/useRowForm.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber, parseTypedSize } from '../../parts/typed.js';
import { useDraft } from '../../parts/useDraft.js';
import { countryOptions, guessCountry } from './countries.js';
import { PlaceFields, placeOf, type PlaceDraft } from './PlaceFields.js';
import { SeasonFields } from './SeasonFields.js';
import { LegalSizeFields, type TypedLegalSize } from './LegalSizeFields.js';
import { WaysHere } from './WaysHere.js';
import { StopLineFields } from './StopLineFields.js';
import { WrittenTwice } from './WrittenTwice.js';

type Unsaid = 'unsaid';

interface Draft extends PlaceDraft {
  readonly name: string;
  readonly kind: WaterKind;
  readonly altitude: string;
  readonly salinity: string;
  readonly ownKit: OwnKitRule | Unsaid;
  readonly leastNet: string;
  readonly leastMat: string;
  readonly barbless: 'yes' | Unsaid;
  readonly retention: 'none' | 'minutes' | Unsaid;
  readonly retentionMin: string;
  readonly treatments: 'allowed' | 'forbidden' | Unsaid;
  readonly closedSeasons: WaterRules['closedSeasons'];
  readonly stopTemperatures: readonly {
    readonly species: WaterRules['stopTemperatures'][number]['species'];
    readonly temp: string;
  }[];
  readonly legalSizes: readonly TypedLegalSize[];
  /** One area a line. */
  readonly closedAreas: string;
  readonly guide: 'yes' | Unsaid;
  readonly practices: WaterPractices;
  readonly country: string;
  readonly meetingPoint: string;
  readonly note: string;
  /** The one that it was read at when the writing began. */
  readonly revision: number;
}

/** A water: where it lies, and what it asks of those who fish it. */
export function WaterForm() {
  const waterId = useParams()['waterId'] ?? '';
  const water = useWaters().find(({ id }) => id === waterId);
  return <WaterFormOf key={`${waterId} ${water?.revision ?? 0}`} waterId={waterId} water={water} />;
}

function WaterFormOf({ waterId, water }: { waterId: string; water: KeptWater | undefined }) {
  const navigate = useNavigate();
  const settings = useSettings();
  const { lengthHabit } = settings;
  const inches = lengthHabit === 'in';
  const [draft, change, clear] = useDraft<Draft>(`water.${waterId}.${lengthHabit}`, draftOf(water, inches));
  const form = useRowForm({
    kind: 'waters',
    id: waterId,
    contract: WriteWaterDto,
    bodyOf: (retired) => ({ ...bodyOf(draft, inches), retired }),
    onKept: () => {
      clear();
      return navigate(paths.waters);
    },
  });
  const { at, problems } = form;

  return (
    <RowForm
      title={water ? water.name : watersText.addAWater}
      form={form}
      keep={watersText.saveThisWater}
      known={water !== undefined && !water.retired}
    >
      <div className="grid gap-9">
        <Section title={watersText.theWater}>
          <div className="grid gap-4">
            <TextField
              label={watersText.itsName}
              value={draft.name}
              problem={at('name')}
              onChange={(name) => change({ name })}
            />
            <Choice<WaterKind>
              label={watersText.kindOfWater}
              value={draft.kind}
              onChange={(kind) => change({ kind })}
              options={WATER_KINDS.map((each) => ({ value: each, label: say(WATER_KIND_WORDS[each]) }))}
            />
            <PlaceFields draft={draft} onChange={change} problems={problems} />
            <div className="grid gap-3 sm:grid-cols-2">
              <TextField
                label={watersText.heightAboveTheSea}
                numeric
                value={draft.altitude}
                problem={at('altitudeM')}
                onChange={(altitude) => change({ altitude })}
              />
              <TextField
                label={watersText.salinityInFreshWater}
                numeric
                value={draft.salinity}
                problem={at('salinity')}
                onChange={(salinity) => change({ salinity })}
              />
            </div>
          </div>
        </Section>
        <Section title={watersText.itsRules}>
          <p className="mb-4 max-w-prose text-soft">{watersText.theyComeBeforeYour}</p>
          <div className="grid gap-5">
            <Field title={watersText.ownNetMatAnd}>
              <Choice
                label={watersText.ownNetMatAnd}
                value={draft.ownKit}
                onChange={(ownKit) => change({ ownKit })}
                options={[
                  { value: 'unsaid', label: watersText.nothingSaid },
                  { value: 'allowed', label: watersText.allowed },
                  { value: 'dipped', label: watersText.onlyDippedOrDry },
                  { value: 'supplied', label: watersText.theWaterSuppliesThem },
                ]}
              />
            </Field>
            <div className="grid gap-3 sm:grid-cols-2">
              <TextField
                label={watersText.netAtLeastThis({ inches })}
                numeric
                value={draft.leastNet}
                problem={at('rules.leastNetMm')}
                onChange={(leastNet) => change({ leastNet })}
              />
              <TextField
                label={watersText.matAtLeastThis({ inches })}
                numeric
                value={draft.leastMat}
                problem={at('rules.leastMatMm')}
                onChange={(leastMat) => change({ leastMat })}
              />
            </div>
            <Field title={watersText.hooks}>
              <Choice
                label={watersText.hooks}
                value={draft.barbless}
                onChange={(barbless) => change({ barbless })}
                options={[
                  { value: 'unsaid', label: watersText.nothingSaid },
                  { value: 'yes', label: watersText.barblessOnly },
                ]}
              />
            </Field>
            <Field title={watersText.retainingFish}>
              <Choice
                label={watersText.retainingFish}
                value={draft.retention}
                onChange={(retention) => change({ retention })}
                options={[
                  { value: 'unsaid', label: watersText.nothingSaid },
                  { value: 'none', label: watersText.none },
                  { value: 'minutes', label: watersText.someMinutes },
                ]}
              />
              {draft.retention === 'minutes' && (
                <TextField
                  className="mt-3 max-w-64"
                  label={watersText.minutesAtMost}
                  numeric
                  value={draft.retentionMin}
                  problem={at('rules.retention')}
                  onChange={(retentionMin) => change({ retentionMin })}
                />
              )}
            </Field>
            <Field title={watersText.treatingWounds}>
              <Choice
                label={watersText.treatingWounds}
                value={draft.treatments}
                onChange={(treatments) => change({ treatments })}
                options={[
                  { value: 'unsaid', label: watersText.nothingSaid },
                  { value: 'allowed', label: watersText.allowed },
                  { value: 'forbidden', label: watersText.forbidden },
                ]}
              />
            </Field>
            <Field title={watersText.closedSeasons}>
              <SeasonFields
                seasons={draft.closedSeasons}
                problem={at('rules.closedSeasons')}
                onChange={(closedSeasons) => change({ closedSeasons })}
              />
            </Field>
            <Field title={watersText.legalSizes}>
              <LegalSizeFields
                sizes={draft.legalSizes}
                inches={inches}
                problem={at('rules.legalSizes')}
                onChange={(legalSizes) => change({ legalSizes })}
              />
            </Field>
            <NoteField
              label={watersText.areasThatAreClosed}
              value={draft.closedAreas}
              onChange={(closedAreas) => change({ closedAreas })}
            />
            <Field title={watersText.guideOrWarden}>
              <Choice
                label={watersText.guideOrWarden}
                value={draft.guide}
                onChange={(guide) => change({ guide })}
                options={[
                  { value: 'unsaid', label: watersText.nothingSaid },
                  { value: 'yes', label: watersText.onlyWithOne },
                ]}
              />
            </Field>
            <Field title={watersText.waterTooWarmTo}>
              <StopLineFields
                lines={draft.stopTemperatures}
                problem={at('rules.stopTemperatures')}
                onChange={(stopTemperatures) => change({ stopTemperatures })}
              />
            </Field>
          </div>
        </Section>
        <Section title={watersText.yourWaysHere}>
          <p className="mb-4 max-w-prose text-soft">{watersText.whatIsNotNamed}</p>
          <WaysHere ways={draft.practices} settings={settings} onChange={(practices) => change({ practices })} />
        </Section>
        <Section title={watersText.ifSomebodyIsHurt}>
          <div className="grid gap-4">
            <Field title={watersText.country}>
              <div className="max-w-sm">
                <Picker
                  label={watersText.country}
                  value={draft.country}
                  onChange={(country) => change({ country })}
                  options={countryOptions()}
                />
              </div>
            </Field>
            <NoteField
              label={watersText.whereHelpersAreMet}
              value={draft.meetingPoint}
              onChange={(meetingPoint) => change({ meetingPoint })}
            />
          </div>
        </Section>
        <NoteField label={watersText.aNoteOnThe} value={draft.note} onChange={(note) => change({ note })} />
        {water?.retired && <p>{watersText.thisWaterIsArchived}</p>}
        {water && <WrittenTwice kind="waters" row={water} retired={water.retired} />}
      </div>
    </RowForm>
  );
}

function draftOf(water: KeptWater | undefined, inches: boolean): Draft {
  const rules = water?.rules ?? NO_RULES;
  const size = (mm: number | null) => (mm === null ? '' : String(Number((mm / (inches ? 25.4 : 10)).toFixed(1))));
  return {
    name: water?.name ?? '',
    kind: water?.kind ?? 'lake',
    latitude: water?.position ? String(water.position.latitudeDeg) : '',
    longitude: water?.position ? String(water.position.longitudeDeg) : '',
    altitude: water?.altitudeM === null || water === undefined ? '' : String(water.altitudeM),
    salinity: water ? String(water.salinity) : '0',
    ownKit: rules.ownKit ?? 'unsaid',
    leastNet: size(rules.leastNetMm),
    leastMat: size(rules.leastMatMm),
    barbless: rules.barblessOnly ? 'yes' : 'unsaid',
    retention: rules.retention?.kind ?? 'unsaid',
    retentionMin: rules.retention?.kind === 'minutes' ? String(rules.retention.most) : '',
    treatments: rules.treatments ?? 'unsaid',
    closedSeasons: rules.closedSeasons,
    stopTemperatures: rules.stopTemperatures.map(({ species, tempC }) => ({ species, temp: String(tempC) })),
    legalSizes: rules.legalSizes.map(({ species, leastMm, mostMm }) => ({
      species,
      least: size(leastMm),
      most: size(mostMm),
    })),
    closedAreas: rules.closedAreas.join('\n'),
    guide: rules.guideNeeded ? 'yes' : 'unsaid',
    practices: water?.practices ?? {},
    country: water?.country ?? guessCountry(navigator.language),
    meetingPoint: water?.meetingPoint ?? '',
    note: water?.note ?? '',
    revision: water?.revision ?? 0,
  };
}

function bodyOf(draft: Draft, inches: boolean) {
  const said = <T extends string>(value: T | Unsaid): T | null => (value === 'unsaid' ? null : value);
  const minutes = parseTypedNumber(draft.retentionMin);
  return {
    name: draft.name,
    kind: draft.kind,
    position: placeOf(draft),
    altitudeM: parseTypedNumber(draft.altitude) ?? null,
    salinity: parseTypedNumber(draft.salinity) ?? 0,
    rules: {
      barblessOnly: draft.barbless === 'yes',
      retention:
        draft.retention === 'unsaid'
          ? null
          : { kind: draft.retention, ...(draft.retention === 'minutes' && { most: minutes ?? NaN }) },
      treatments: said(draft.treatments),
      ownKit: said(draft.ownKit),
      leastNetMm: parseTypedSize(draft.leastNet, inches) ?? null,
      leastMatMm: parseTypedSize(draft.leastMat, inches) ?? null,
      closedSeasons: draft.closedSeasons,
      stopTemperatures: draft.stopTemperatures.map(({ species, temp }) => ({
        species,
        tempC: parseTypedNumber(temp) ?? NaN,
      })),
      legalSizes: draft.legalSizes.map(({ species, least, most }) => ({
        species,
        leastMm: parseTypedSize(least, inches) ?? null,
        mostMm: parseTypedSize(most, inches) ?? null,
      })),
      closedAreas: draft.closedAreas
        .split('\n')
        .map((area) => area.trim())
        .filter((area) => area !== ''),
      guideNeeded: draft.guide === 'yes',
    },
    practices: draft.practices,
    country: draft.country || null,
    meetingPoint: draft.meetingPoint.trim() || null,
    note: draft.note.trim() || null,
    revision: draft.revision,
  };
}
