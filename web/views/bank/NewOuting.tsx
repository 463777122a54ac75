import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { SPECIES, type SpeciesId } from '@keeper/core/fish/species';
import { newId } from '../../data/device.js';
import { askForecast } from '../../data/forecast.js';
import { makeOutingEvent, record } from '../../data/keeper.js';
import { useSwims, useWaters } from '../../data/rows.js';
import { useOutings } from '../../data/useOuting.js';
import { Choice } from '../../parts/Choice.js';
import { Choices } from '../../parts/Choices.js';
import { FieldSentence, Notice } from '../../parts/Notice.js';
import { Part } from '../../parts/Part.js';
import { TextField } from '../../parts/TextField.js';
import { useDraft } from '../../parts/useDraft.js';
import { WaterPicker } from '../../parts/WaterPicker.js';
import { localInput } from '../../parts/when.js';
import { OutingRow } from './OutingRow.js';

interface Draft {
  readonly waterId: string;
  readonly swimId: string;
  readonly from: string;
  readonly to: string;
  readonly companions: '0' | '1' | '2';
  readonly expected: readonly SpeciesId[];
}

const HOUR_MS = 3_600_000;
const LONGEST_MS = 14 * 24 * HOUR_MS;

/** Plans an outing: where, when, with whom, for what. The forecast is asked along with it. */
export function NewOuting() {
  const navigate = useNavigate();
  const waters = useWaters();
  const [openedMs] = useState(() => Math.floor(Date.now() / 300_000) * 300_000);
  const [draft, change, clear] = useDraft<Draft>('outing', {
    waterId: localStorage.getItem('keeper.water') ?? '',
    swimId: '',
    from: localInput(openedMs),
    to: localInput(openedMs + 10 * HOUR_MS),
    companions: '0',
    expected: [],
  });
  const [freshSwim] = useState(newId);
  const [tried, setTried] = useState(false);
  const [notKept, setNotKept] = useState(false);
  const water = waters.find(({ id }) => id === draft.waterId);
  const swims = useSwims().filter(({ waterId }) => waterId === water?.id);
  const swim = swims.find(({ id }) => id === draft.swimId);
  const [fromMs, toMs] = [Date.parse(draft.from), Date.parse(draft.to)];
  const toProblem = !Number.isFinite(toMs)
    ? 'Say until when.'
    : toMs <= fromMs
      ? 'It ends before it begins. Is it the day after?'
      : toMs - fromMs > LONGEST_MS
        ? 'Longer than two weeks is more than one outing.'
        : undefined;
  const problems = {
    water: water ? undefined : 'Say at which water.',
    from: Number.isFinite(fromMs) ? undefined : 'Say from when.',
    to: toProblem,
  };

  const plan = async () => {
    setTried(true);
    if (!water || problems.from || problems.to) return;
    const outingId = newId();
    const events = [
      makeOutingEvent(outingId, 'outing-planned', {
        waterId: water.id,
        fromAt: new Date(fromMs).toISOString(),
        toAt: new Date(toMs).toISOString(),
        companions: Number(draft.companions),
        expected: [...draft.expected],
      }),
      ...(swim ? [makeOutingEvent(outingId, 'swim-taken', { swimId: swim.id })] : []),
    ];
    try {
      await record(events);
    } catch {
      setNotKept(true);
      return;
    }
    clear();
    localStorage.setItem('keeper.water', water.id);
    await navigate(`/bank/${outingId}`);
    const position = swim?.position ?? water.position;
    // A forecast that cannot be had now can be asked for on the page.
    if (position) {
      await askForecast(position, fromMs, toMs).then(
        ({ hours }) => record([makeOutingEvent(outingId, 'forecast-taken', { hours })]),
        () => undefined,
      );
    }
  };

  return (
    <form
      className="max-w-3xl"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void plan();
      }}
    >
      <h1 className="mb-6 text-3xl font-semibold md:text-4xl">Plan an outing</h1>
      <div className="grid gap-8">
        <Part title="Where?">
          <div className="grid gap-3 sm:grid-cols-2">
            <div>
              <WaterPicker value={water?.id} onChange={(waterId) => change({ waterId, swimId: '' })} />
              {tried && problems.water && <FieldSentence id="outing-water-problem">{problems.water}</FieldSentence>}
            </div>
          </div>
          {water && (
            <div className="mt-3 grid gap-3">
              {swims.length > 0 && (
                <Choice
                  label="Swim"
                  value={swim?.id}
                  onChange={(swimId) => change({ swimId })}
                  options={swims.map(({ id, name }) => ({ value: id, label: name }))}
                />
              )}
              <p>
                <Link to={`/waters/${water.id}/swims/${freshSwim}?then=/bank/new`} className="quiet-link">
                  {swims.length > 0 ? 'Another swim' : 'Describe the swim: where one faces, the ground, the hazards'}
                </Link>
              </p>
            </div>
          )}
        </Part>
        <Part title="When?">
          <div className="grid gap-3 sm:grid-cols-2">
            <TextField
              type="datetime-local"
              label="From"
              value={draft.from}
              problem={tried ? problems.from : undefined}
              onChange={(from) => change({ from })}
            />
            <TextField
              type="datetime-local"
              label="Until about"
              value={draft.to}
              problem={tried ? problems.to : undefined}
              onChange={(to) => change({ to })}
            />
          </div>
        </Part>
        <Part title="For what?">
          <Choices<SpeciesId>
            label="Expected species"
            value={draft.expected}
            onChange={(expected) => change({ expected })}
            options={SPECIES.filter(({ id }) => id !== 'other').map(({ id, name }) => ({ value: id, label: name }))}
          />
        </Part>
        <Part title="With whom?">
          <Choice<Draft['companions']>
            label="Pairs of hands"
            value={draft.companions}
            onChange={(companions) => change({ companions })}
            options={[
              { value: '0', label: 'Alone' },
              { value: '1', label: 'Two of us' },
              { value: '2', label: 'Three or more' },
            ]}
          />
        </Part>
      </div>
      {notKept && (
        <Notice role="alert">
          It could not be kept: this device may have no room left. What you chose is still here.
        </Notice>
      )}
      <button type="submit" className="button button-main mt-8 min-h-16 px-8 text-lg">
        Plan it
      </button>
      <EarlierOutings />
    </form>
  );
}

function EarlierOutings() {
  const outings = useOutings();
  if (outings.length === 0) return null;
  return (
    <div className="mt-12">
      <Part title="Outings in the book">
        <ul>
          {outings.slice(0, 12).map((outing) => (
            <OutingRow key={outing.outingId} outing={outing} />
          ))}
        </ul>
      </Part>
    </div>
  );
}
