import { useNavigate, useParams } from 'react-router';
import { WriteMeetingDto, type KeptMeeting } from '@keeper/contract/meetings';
import { LENGTH_OF, type LengthOf } from '@keeper/core/domain/fish/bodyLength';
import { SPECIES, type SpeciesId } from '@keeper/core/domain/fish/species';
import { MEETING_SORTS, type MeetingMeasure, type MeetingSort } from '@keeper/core/domain/meeting/meeting';
import { paths } from '../../app/paths.js';
import { useMeetings, useStandingWaters } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { Choices } from '../../parts/Choices.js';
import { Field } from '../../parts/Field.js';
import { localInput } from '../../parts/when.js';
import { NoteField } from '../../parts/NoteField.js';
import { RowForm } from '../../parts/RowForm.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber } from '../../parts/typed.js';
import { useDraft } from '../../parts/useDraft.js';
import { useRowForm } from '../../parts/useRowForm.js';
import { say } from '../../text/say.js';
import { readSize, unitOf, useMeetingUnits, type MeetingUnitsHere } from './meetingUnits.js';
import { meetingsText } from './text.en-GB.js';

interface Draft {
  readonly name: string;
  readonly sort: MeetingSort;
  readonly kinds: readonly SpeciesId[];
  readonly waterIds: readonly string[];
  readonly from: string;
  readonly to: string;
  readonly by: MeetingMeasure;
  readonly best: string;
  readonly least: string;
  readonly upgrade: string;
  readonly lengthOf: LengthOf | 'any';
  readonly identifier: string;
  readonly within: string;
  readonly note: string;
  readonly revision: number;
}

/** The rules of a meeting. */
export function MeetingForm() {
  const meetingId = useParams()['meetingId'] ?? '';
  const meeting = useMeetings().find(({ id }) => id === meetingId);
  return <MeetingFormOf key={`${meetingId} ${meeting?.revision ?? 0}`} meetingId={meetingId} meeting={meeting} />;
}

function MeetingFormOf({ meetingId, meeting }: { meetingId: string; meeting: KeptMeeting | undefined }) {
  const navigate = useNavigate();
  const waters = useStandingWaters();
  const units = useMeetingUnits();
  const [draft, change, clear] = useDraft<Draft>(
    `meeting.${meetingId}.${units.inches ? 'in' : 'cm'}.${units.pounds ? 'lb' : 'kg'}`,
    draftOf(meeting, units),
  );
  const form = useRowForm({
    kind: 'meetings',
    id: meetingId,
    contract: WriteMeetingDto,
    bodyOf: (retired) => ({ ...bodyOf(draft, units), retired }),
    onKept: () => {
      clear();
      return navigate(paths.meeting(meetingId));
    },
  });
  const { at } = form;
  const { name: unit } = unitOf(draft.by, units);
  return (
    <RowForm
      title={meeting ? meeting.name : meetingsText.addAMeeting}
      form={form}
      keep={meetingsText.saveThisMeeting}
      known={meeting !== undefined}
    >
      <div className="grid gap-6">
        <TextField
          label={meetingsText.itsName}
          value={draft.name}
          problem={at('name')}
          onChange={(name) => change({ name })}
        />
        <Field title={meetingsText.sort}>
          <Choice<MeetingSort>
            label={meetingsText.sort}
            value={draft.sort}
            onChange={(sort) => change({ sort })}
            options={MEETING_SORTS.map((value) => ({ value, label: meetingsText.sorts[value] }))}
          />
        </Field>
        <div className="grid gap-3 sm:grid-cols-2">
          <TextField
            type="datetime-local"
            label={meetingsText.from}
            value={draft.from}
            problem={at('fromAt')}
            onChange={(from) => change({ from })}
          />
          <TextField
            type="datetime-local"
            label={meetingsText.to}
            value={draft.to}
            problem={at('toAt')}
            onChange={(to) => change({ to })}
          />
        </div>
        <Field title={meetingsText.speciesThatCount}>
          <Choices<SpeciesId>
            label={meetingsText.speciesThatCount}
            value={draft.kinds}
            onChange={(kinds) => change({ kinds })}
            options={SPECIES.map(({ id, name }) => ({ value: id, label: say(name) }))}
          />
        </Field>
        {waters.length > 0 && (
          <Field title={meetingsText.watersThatCount}>
            <Choices<string>
              label={meetingsText.watersThatCount}
              value={draft.waterIds}
              onChange={(waterIds) => change({ waterIds })}
              options={waters.map(({ id, name }) => ({ value: id, label: name }))}
            />
          </Field>
        )}
        <Field title={meetingsText.by}>
          <Choice<MeetingMeasure>
            label={meetingsText.by}
            value={draft.by}
            onChange={(by) => change({ by, least: '', upgrade: '' })}
            options={[
              { value: 'length', label: meetingsText.byLength },
              { value: 'weight', label: meetingsText.byWeight },
            ]}
          />
        </Field>
        <div className="grid gap-3 sm:grid-cols-3">
          <TextField
            label={meetingsText.bestSoMany}
            numeric
            value={draft.best}
            problem={at('best')}
            onChange={(best) => change({ best })}
          />
          <TextField
            label={meetingsText.leastSize({ unit })}
            numeric
            value={draft.least}
            problem={at('least')}
            onChange={(least) => change({ least })}
          />
          <TextField
            label={meetingsText.upgradeAtLeast({ unit })}
            numeric
            value={draft.upgrade}
            problem={at('upgradeBy')}
            onChange={(upgrade) => change({ upgrade })}
          />
        </div>
        {draft.by === 'length' && (
          <Field title={meetingsText.lengthReadTo}>
            <Choice<LengthOf | 'any'>
              label={meetingsText.lengthReadTo}
              value={draft.lengthOf}
              onChange={(lengthOf) => change({ lengthOf })}
              options={[
                { value: 'any', label: meetingsText.asEachIsUsed },
                ...LENGTH_OF.map((value) => ({ value, label: meetingsText[value] })),
              ]}
            />
          </Field>
        )}
        {draft.sort !== 'own-season' && (
          <div className="grid gap-3 sm:grid-cols-2">
            <TextField
              label={meetingsText.identifier}
              value={draft.identifier}
              problem={at('identifier')}
              onChange={(identifier) => change({ identifier })}
            />
            <TextField
              label={meetingsText.sentWithin}
              numeric
              value={draft.within}
              problem={at('sentWithinH')}
              onChange={(within) => change({ within })}
            />
          </div>
        )}
        <NoteField label={meetingsText.note} value={draft.note} onChange={(note) => change({ note })} />
      </div>
    </RowForm>
  );
}

function draftOf(meeting: KeptMeeting | undefined, units: MeetingUnitsHere): Draft {
  const { size } = unitOf(meeting?.by ?? 'length', units);
  const inUnit = (value: number | null | undefined) =>
    value === null || value === undefined ? '' : String(Number((value / size).toFixed(2)));
  const today = localInput(Date.now()).slice(0, 10);
  return {
    name: meeting?.name ?? '',
    sort: meeting?.sort ?? 'club-day',
    kinds: meeting?.kinds ?? [],
    waterIds: meeting?.waterIds ?? [],
    from: meeting ? localInput(Date.parse(meeting.fromAt)) : `${today}T06:00`,
    to: meeting ? localInput(Date.parse(meeting.toAt)) : `${today}T20:00`,
    by: meeting?.by ?? 'length',
    best: meeting ? String(meeting.best) : '3',
    least: inUnit(meeting?.least),
    upgrade: inUnit(meeting?.upgradeBy),
    lengthOf: meeting?.lengthOf ?? 'any',
    identifier: meeting?.identifier ?? '',
    within: meeting?.sentWithinH ? String(meeting.sentWithinH) : '',
    note: meeting?.note ?? '',
    revision: meeting?.revision ?? 0,
  };
}

function bodyOf(draft: Draft, units: MeetingUnitsHere) {
  const sized = (typed: string) => readSize(typed, draft.by, units);
  const moment = (typed: string) => (typed === '' ? '' : new Date(typed).toISOString());
  const own = draft.sort === 'own-season';
  return {
    name: draft.name,
    sort: draft.sort,
    kinds: [...draft.kinds],
    waterIds: [...draft.waterIds],
    fromAt: moment(draft.from),
    toAt: moment(draft.to),
    by: draft.by,
    best: parseTypedNumber(draft.best) ?? NaN,
    least: sized(draft.least),
    upgradeBy: sized(draft.upgrade),
    lengthOf: draft.by === 'weight' || draft.lengthOf === 'any' ? null : draft.lengthOf,
    identifier: own ? null : draft.identifier.trim() || null,
    sentWithinH: own ? null : (parseTypedNumber(draft.within) ?? null),
    note: draft.note.trim() || null,
    revision: draft.revision,
  };
}
