import { paths } from '../../app/paths.js';
import { bankText } from './text.en-GB.js';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { newId } from '../../data/device.js';
import { askForecast } from '../../data/forecast.js';
import { makeOutingEvent, record } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { useStandingSwims, useStandingWaters } from '../../data/rows.js';
import { useOutings } from '../../data/useOuting.js';
import { Choice } from '../../parts/Choice.js';
import { FieldSentence, Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { useDraft } from '../../parts/useDraft.js';
import { WaterPicker } from '../../parts/WaterPicker.js';
import { localInput } from '../../parts/when.js';
import { OutingRow } from './OutingRow.js';
import { PlanFields, planOf, type PlanDraft } from './PlanFields.js';

interface Draft extends PlanDraft {
  readonly waterId: string;
  readonly swimId: string;
}

/** Plans an outing: where, when, with whom, for what. The forecast is asked along with it. */
export function NewOuting() {
  const navigate = useNavigate();
  const waters = useStandingWaters();
  const [openedMs] = useState(() => Math.floor(Date.now() / 300_000) * 300_000);
  const [draft, change, clear] = useDraft<Draft>('outing', {
    waterId: localStorage.getItem('keeper.water') ?? '',
    swimId: '',
    from: localInput(openedMs),
    to: localInput(openedMs + 10 * 3_600_000),
    companions: '0',
    expected: [],
  });
  const [freshSwim] = useState(newId);
  const [tried, setTried] = useState(false);
  const { keep, notKept } = useRecord();
  const water = waters.find(({ id }) => id === draft.waterId);
  const swims = useStandingSwims().filter(({ waterId }) => waterId === water?.id);
  const swim = swims.find(({ id }) => id === draft.swimId);
  const put = async () => {
    setTried(true);
    const plan = planOf(draft);
    if (!water || !plan) return;
    const outingId = newId();
    const events = [
      makeOutingEvent(outingId, 'outing-planned', {
        waterId: water.id,
        ...plan,
      }),
      ...(swim ? [makeOutingEvent(outingId, 'swim-taken', { swimId: swim.id })] : []),
    ];
    if (!(await keep(() => record(events)))) return;
    clear();
    localStorage.setItem('keeper.water', water.id);
    await navigate(paths.outing(outingId));
    const position = swim?.position ?? water.position;
    // A forecast that cannot be had now can be asked for on the page.
    if (position) {
      await askForecast(position, Date.parse(plan.fromAt), Date.parse(plan.toAt)).then(
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
        void put();
      }}
    >
      <h1 className="mb-6 text-3xl font-semibold md:text-4xl">{bankText.planAnOuting}</h1>
      <div className="grid gap-8">
        <Section title={bankText.where}>
          <div className="grid gap-3 sm:grid-cols-2">
            <div>
              <WaterPicker value={water?.id} onChange={(waterId) => change({ waterId, swimId: '' })} />
              {tried && !water && <FieldSentence id="outing-water-problem">{bankText.chooseAWater}</FieldSentence>}
            </div>
          </div>
          {water && (
            <div className="mt-3 grid gap-3">
              {swims.length > 0 && (
                <Choice
                  label={bankText.swim}
                  value={swim?.id}
                  onChange={(swimId) => change({ swimId })}
                  options={swims.map(({ id, name }) => ({ value: id, label: name }))}
                />
              )}
              <p>
                <Link to={`${paths.swim(water.id, freshSwim)}?then=${paths.newOuting}`} className="quiet-link">
                  {bankText.anotherSwimDescribeThe({ swimsCount: swims.length })}
                </Link>
              </p>
            </div>
          )}
        </Section>
        <PlanFields draft={draft} change={change} tried={tried} />
      </div>
      {notKept && <Notice role="alert">{bankText.itCouldNotBe}</Notice>}
      <button type="submit" className="button button-main mt-8 min-h-16 px-8 text-lg">
        {bankText.planIt}
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
      <Section title={bankText.outingsInTheBook}>
        <ul>
          {outings.slice(0, 12).map((outing) => (
            <OutingRow key={outing.outingId} outing={outing} />
          ))}
        </ul>
      </Section>
    </div>
  );
}
