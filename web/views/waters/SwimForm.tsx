import { paths } from '../../app/paths.js';
import { watersText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { WriteSwimDto, type KeptSwim } from '@keeper/contract/swims';
import {
  BANK_KINDS,
  BANK_WORDS,
  compassMessage,
  HAZARD_WORDS,
  HAZARDS,
  type BankKind,
  type Hazard,
} from '@keeper/core/domain/water/swim';
import { useSwims, useWaters } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { Choices } from '../../parts/Choices.js';
import { Notice } from '../../parts/Notice.js';
import { NoteField } from '../../parts/NoteField.js';
import { Section } from '../../parts/Section.js';
import { RowForm } from '../../parts/RowForm.js';
import { useRowForm } from '../../parts/useRowForm.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber } from '../../parts/typed.js';
import { useDraft } from '../../parts/useDraft.js';
import { WrittenTwice } from './WrittenTwice.js';
import { PlaceFields, placeOf, type PlaceDraft } from './PlaceFields.js';

interface Draft extends PlaceDraft {
  readonly name: string;
  readonly facing: string;
  readonly bank: BankKind;
  readonly hazards: readonly Hazard[];
  readonly note: string;
  /** The one that it was read at when the writing began. */
  readonly revision: number;
}

const EIGHTHS = [0, 45, 90, 135, 180, 225, 270, 315];

/** A swim: where one faces, what one stands on, what to watch out for. Trees and stones are drawn on its plan. */
export function SwimForm() {
  const { waterId = '', swimId = '' } = useParams();
  const swim = useSwims().find(({ id }) => id === swimId);
  return <SwimFormOf key={`${swimId} ${swim?.revision ?? 0}`} waterId={waterId} swimId={swimId} swim={swim} />;
}

function SwimFormOf({ waterId, swimId, swim }: { waterId: string; swimId: string; swim: KeptSwim | undefined }) {
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const then = search.get('then') ?? paths.waters;
  const water = useWaters().find(({ id }) => id === waterId);
  const [draft, change, clear] = useDraft<Draft>(`swim.${swimId}`, {
    name: swim?.name ?? '',
    facing: swim ? String(swim.facingDeg) : '',
    bank: swim?.bank ?? 'grass',
    hazards: swim?.hazards ?? [],
    latitude: swim?.position ? String(swim.position.latitudeDeg) : '',
    longitude: swim?.position ? String(swim.position.longitudeDeg) : '',
    note: swim?.note ?? '',
    revision: swim?.revision ?? 0,
  });
  const facingDeg = parseTypedNumber(draft.facing);
  const bodyOf = (retired: boolean) => ({
    waterId,
    name: draft.name,
    facingDeg: facingDeg ?? NaN,
    bank: draft.bank,
    hazards: [...draft.hazards],
    retired,
    position: placeOf(draft),
    fixtures: [...(swim?.fixtures ?? [])],
    note: draft.note.trim() || null,
    revision: draft.revision,
  });
  const form = useRowForm({
    kind: 'swims',
    id: swimId,
    contract: WriteSwimDto,
    bodyOf,
    onKept: () => {
      clear();
      if (then === paths.newOuting) choose(waterId, swimId);
      return navigate(then);
    },
  });
  const { at, problems } = form;

  return (
    <RowForm
      title={swim ? swim.name : watersText.anotherSwim}
      above={water?.name}
      form={form}
      keep={watersText.saveThisSwim}
      known={swim !== undefined}
    >
      <div className="grid gap-8">
        <TextField
          label={watersText.itsName}
          value={draft.name}
          problem={at('name')}
          onChange={(name) => change({ name })}
        />
        <Section title={watersText.whereDoYouLook}>
          <div className="grid gap-3">
            <Choice
              label={watersText.bearing}
              value={EIGHTHS.includes(facingDeg ?? -1) ? String(facingDeg) : undefined}
              onChange={(facing) => change({ facing })}
              options={EIGHTHS.map((deg) => ({ value: String(deg), label: say(compassMessage(deg)) }))}
            />
            <TextField
              className="max-w-64"
              label={watersText.orByTheCompass}
              numeric
              value={draft.facing}
              problem={at('facingDeg')}
              onChange={(facing) => change({ facing })}
            />
          </div>
        </Section>
        <Section title={watersText.whatDoYouStand}>
          <Choice<BankKind>
            label={watersText.bank}
            value={draft.bank}
            onChange={(bank) => change({ bank })}
            options={BANK_KINDS.map((each) => ({
              value: each,
              label: say(BANK_WORDS[each]),
            }))}
          />
        </Section>
        <Section title={watersText.whatToWatchOut}>
          <Choices<Hazard>
            label={watersText.hazards}
            value={draft.hazards}
            onChange={(hazards) => change({ hazards })}
            options={HAZARDS.map((each) => ({ value: each, label: say(HAZARD_WORDS[each]) }))}
          />
          {draft.hazards.includes('power-line') && <Notice>{watersText.aCarbonRodNear}</Notice>}
        </Section>
        <Section title={watersText.whereExactly}>
          <p className="mb-3 text-soft">{watersText.leftEmptyThePlace}</p>
          <PlaceFields draft={draft} onChange={change} problems={problems} />
        </Section>
        <NoteField label={watersText.aNote} value={draft.note} onChange={(note) => change({ note })} />
        {swim && <WrittenTwice kind="swims" row={swim} retired={swim.retired} />}
      </div>
    </RowForm>
  );
}

/** Chooses the new swim in the outing that is being planned. */
function choose(waterId: string, swimId: string): void {
  const key = 'keeper.draft.outing';
  const kept = JSON.parse(localStorage.getItem(key) ?? '{}') as object;
  localStorage.setItem(key, JSON.stringify({ ...kept, waterId, swimId }));
}
