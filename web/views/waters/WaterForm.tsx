import { useNavigate, useParams } from 'react-router';
import { WriteWaterDto, type KeptWater } from '@keeper/contract/waters';
import { NO_RULES, type OwnKitRule, type WaterRules } from '@keeper/core/domain/water/rules';
import { WATER_KINDS, type WaterKind } from '@keeper/core/domain/water/water';
import { useSettings } from '../../data/queries.js';
import { useWaters } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { NoteField } from '../../parts/NoteField.js';
import { RowForm } from '../../parts/RowForm.js';
import { useRowForm } from '../../parts/useRowForm.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber, parseTypedSize } from '../../parts/typed.js';
import { useDraft } from '../../parts/useDraft.js';
import { PlaceFields, placeOf, type PlaceDraft } from './PlaceFields.js';
import { SeasonFields } from './SeasonFields.js';
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
  const { lengthHabit } = useSettings();
  const inches = lengthHabit === 'in';
  const [draft, change, clear] = useDraft<Draft>(`water.${waterId}.${lengthHabit}`, draftOf(water, inches));
  const form = useRowForm({
    kind: 'waters',
    id: waterId,
    contract: WriteWaterDto,
    bodyOf: (retired) => ({ ...bodyOf(draft, inches), retired }),
    onKept: () => {
      clear();
      return navigate('/waters');
    },
  });
  const { at, problems } = form;

  return (
    <RowForm
      title={water ? water.name : 'Add a water'}
      form={form}
      keep="Save this water"
      known={water !== undefined && !water.retired}
    >
      <div className="grid gap-9">
        <Section title="The water">
          <div className="grid gap-4">
            <TextField label="Its name" value={draft.name} problem={at('name')} onChange={(name) => change({ name })} />
            <Choice<WaterKind>
              label="Kind of water"
              value={draft.kind}
              onChange={(kind) => change({ kind })}
              options={WATER_KINDS.map((each) => ({ value: each, label: each }))}
            />
            <PlaceFields draft={draft} onChange={change} problems={problems} />
            <div className="grid gap-3 sm:grid-cols-2">
              <TextField
                label="Height above the sea, m"
                numeric
                value={draft.altitude}
                problem={at('altitudeM')}
                onChange={(altitude) => change({ altitude })}
              />
              <TextField
                label="Salinity, 0 in fresh water"
                numeric
                value={draft.salinity}
                problem={at('salinity')}
                onChange={(salinity) => change({ salinity })}
              />
            </div>
          </div>
        </Section>
        <Section title="Its rules">
          <p className="mb-4 max-w-prose text-soft">
            They come before your own ways wherever they speak. Local rules, the law and your licence decide; this is
            only where you write them down.
          </p>
          <div className="grid gap-5">
            <Field title="Own net, mat and sling">
              <Choice
                label="Own net, mat and sling"
                value={draft.ownKit}
                onChange={(ownKit) => change({ ownKit })}
                options={[
                  { value: 'unsaid', label: 'nothing said' },
                  { value: 'allowed', label: 'allowed' },
                  { value: 'dipped', label: 'only dipped or dry' },
                  { value: 'supplied', label: 'the water supplies them' },
                ]}
              />
            </Field>
            <div className="grid gap-3 sm:grid-cols-2">
              <TextField
                label={`Net at least this wide, ${inches ? 'inches' : 'cm'}`}
                numeric
                value={draft.leastNet}
                problem={at('rules.leastNetMm')}
                onChange={(leastNet) => change({ leastNet })}
              />
              <TextField
                label={`Mat at least this long, ${inches ? 'inches' : 'cm'}`}
                numeric
                value={draft.leastMat}
                problem={at('rules.leastMatMm')}
                onChange={(leastMat) => change({ leastMat })}
              />
            </div>
            <Field title="Hooks">
              <Choice
                label="Hooks"
                value={draft.barbless}
                onChange={(barbless) => change({ barbless })}
                options={[
                  { value: 'unsaid', label: 'nothing said' },
                  { value: 'yes', label: 'barbless only' },
                ]}
              />
            </Field>
            <Field title="Retaining fish">
              <Choice
                label="Retaining fish"
                value={draft.retention}
                onChange={(retention) => change({ retention })}
                options={[
                  { value: 'unsaid', label: 'nothing said' },
                  { value: 'none', label: 'none' },
                  { value: 'minutes', label: 'some minutes' },
                ]}
              />
              {draft.retention === 'minutes' && (
                <TextField
                  className="mt-3 max-w-64"
                  label="Minutes at most"
                  numeric
                  value={draft.retentionMin}
                  problem={at('rules.retention')}
                  onChange={(retentionMin) => change({ retentionMin })}
                />
              )}
            </Field>
            <Field title="Treating wounds">
              <Choice
                label="Treating wounds"
                value={draft.treatments}
                onChange={(treatments) => change({ treatments })}
                options={[
                  { value: 'unsaid', label: 'nothing said' },
                  { value: 'allowed', label: 'allowed' },
                  { value: 'forbidden', label: 'forbidden' },
                ]}
              />
            </Field>
            <Field title="Closed seasons">
              <SeasonFields
                seasons={draft.closedSeasons}
                problem={at('rules.closedSeasons')}
                onChange={(closedSeasons) => change({ closedSeasons })}
              />
            </Field>
            <Field title="Water too warm to fish">
              <StopLineFields
                lines={draft.stopTemperatures}
                problem={at('rules.stopTemperatures')}
                onChange={(stopTemperatures) => change({ stopTemperatures })}
              />
            </Field>
          </div>
        </Section>
        <NoteField label="A note on the water" value={draft.note} onChange={(note) => change({ note })} />
        {water?.retired && <p>This water is archived. Save it again and it can be chosen again.</p>}
        {water && !water.retired && <WrittenTwice water={water} />}
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
    },
    note: draft.note.trim() || null,
    revision: draft.revision,
  };
}
