import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { WriteSwimDto, type KeptSwim } from '@keeper/contract/swims';
import { problemsIn } from '@keeper/contract/validation';
import { BANK_KINDS, compassText, HAZARD_WORDS, HAZARDS, type BankKind, type Hazard } from '@keeper/core/water/swim';
import { writeRow } from '../../data/keeper.js';
import { useSwims, useWaters } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { Choices } from '../../parts/Choices.js';
import { Notice } from '../../parts/Notice.js';
import { Part } from '../../parts/Part.js';
import { TextField } from '../../parts/TextField.js';
import { sentenceAt, typedNumber } from '../../parts/typed.js';
import { useDraft } from '../../parts/useDraft.js';
import { PlaceFields, placeOf, type PlaceDraft } from './PlaceFields.js';

interface Draft extends PlaceDraft {
  readonly name: string;
  readonly facing: string;
  readonly bank: BankKind;
  readonly hazards: readonly Hazard[];
  readonly note: string;
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
  const then = search.get('then') ?? '/waters';
  const water = useWaters().find(({ id }) => id === waterId);
  const [draft, change, clear] = useDraft<Draft>(`swim.${swimId}`, {
    name: swim?.name ?? '',
    facing: swim ? String(swim.facingDeg) : '',
    bank: swim?.bank ?? 'grass',
    hazards: swim?.hazards ?? [],
    latitude: swim?.position ? String(swim.position.latitudeDeg) : '',
    longitude: swim?.position ? String(swim.position.longitudeDeg) : '',
    note: swim?.note ?? '',
  });
  const [tried, setTried] = useState(false);
  const [notKept, setNotKept] = useState(false);
  const facingDeg = typedNumber(draft.facing);
  const bodyOf = (retired: boolean) => ({
    ...{
      waterId,
      name: draft.name,
      facingDeg: facingDeg ?? NaN,
      bank: draft.bank,
      hazards: [...draft.hazards],
      retired,
    },
    ...{ position: placeOf(draft), fixtures: [...(swim?.fixtures ?? [])], note: draft.note.trim() || null },
    revision: swim?.revision ?? 0,
  });
  const problems = tried ? problemsIn(WriteSwimDto, bodyOf(false)) : [];

  const put = async (retired: boolean) => {
    setTried(true);
    if (!retired && problemsIn(WriteSwimDto, bodyOf(false)).length > 0) return;
    try {
      await writeRow('swims', swimId, bodyOf(retired));
    } catch {
      setNotKept(true);
      return;
    }
    clear();
    if (then === '/bank/new') choose(waterId, swimId);
    await navigate(then);
  };

  return (
    <form
      className="max-w-3xl"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void put(false);
      }}
    >
      <p className="text-soft">{water?.name}</p>
      <h1 className="mb-6 text-3xl font-semibold">{swim ? swim.name : 'Another swim'}</h1>
      <div className="grid gap-8">
        <TextField
          label="Its name"
          value={draft.name}
          problem={sentenceAt(problems, 'name')}
          onChange={(name) => change({ name })}
        />
        <Part title="Where do you look over the water?">
          <div className="grid gap-3">
            <Choice
              label="Bearing"
              value={EIGHTHS.includes(facingDeg ?? -1) ? String(facingDeg) : undefined}
              onChange={(facing) => change({ facing })}
              options={EIGHTHS.map((deg) => ({ value: String(deg), label: compassText(deg) }))}
            />
            <TextField
              className="max-w-64"
              label="Or by the compass, degrees"
              numeric
              value={draft.facing}
              problem={sentenceAt(problems, 'facingDeg')}
              onChange={(facing) => change({ facing })}
            />
          </div>
        </Part>
        <Part title="What do you stand on?">
          <Choice<BankKind>
            label="Bank"
            value={draft.bank}
            onChange={(bank) => change({ bank })}
            options={BANK_KINDS.map((each) => ({
              value: each,
              label: each === 'wading' ? 'in the water, wading' : each,
            }))}
          />
        </Part>
        <Part title="What to watch out for?">
          <Choices<Hazard>
            label="Hazards"
            value={draft.hazards}
            onChange={(hazards) => change({ hazards })}
            options={HAZARDS.map((each) => ({ value: each, label: HAZARD_WORDS[each] }))}
          />
          {draft.hazards.includes('power-line') && (
            <Notice>A carbon rod near a power line kills, even without touching it. Fish another swim.</Notice>
          )}
        </Part>
        <Part title="Where exactly?">
          <p className="mb-3 text-soft">
            Left empty, the place of the water is taken; for sun and shade that is near enough.
          </p>
          <PlaceFields draft={draft} onChange={change} problems={problems} />
        </Part>
        <div>
          <label htmlFor="swim-note" className="mb-1 block text-sm">
            A note
          </label>
          <textarea
            id="swim-note"
            rows={3}
            maxLength={4000}
            className="field"
            value={draft.note}
            onChange={(event) => change({ note: event.target.value })}
          />
        </div>
      </div>
      {notKept && (
        <Notice role="alert">
          It could not be kept: this device may have no room left. What you typed is still here.
        </Notice>
      )}
      <div className="mt-8 flex flex-wrap gap-3">
        <button type="submit" className="button button-main min-h-16 px-8 text-lg">
          Keep this swim
        </button>
        {swim && (
          <button type="button" className="button min-h-16" onClick={() => void put(true)}>
            Put it away
          </button>
        )}
      </div>
    </form>
  );
}

/** Chooses the new swim in the outing that is being planned. */
function choose(waterId: string, swimId: string): void {
  const key = 'keeper.draft.outing';
  const kept = JSON.parse(localStorage.getItem(key) ?? '{}') as object;
  localStorage.setItem(key, JSON.stringify({ ...kept, waterId, swimId }));
}
