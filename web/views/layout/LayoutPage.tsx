import { paths } from '../../app/paths.js';
import { layoutText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { judgeLayout } from '@keeper/core/bank/judgeLayout';
import { layoutByHabit, autoLayout } from '@keeper/core/bank/autoLayout';
import {
  FIXTURE_WORDS,
  KIT_PIECES,
  KIT_WORDS,
  type KitPiece,
  type Layout,
  type Point,
} from '@keeper/core/domain/water/plan';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { NotHere } from '../../app/NotHere.js';
import { makeOutingEvent, record, writeRow } from '../../data/record.js';
import { useSettings, useWriteSettings } from '../../data/queries.js';
import { useSwims } from '../../data/rows.js';
import { useOuting } from '../../data/useOuting.js';
import { useBank } from '../../data/useOutingAssessment.js';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';
import { useWidth } from '../../parts/useWidth.js';
import { FixtureTools } from './FixtureTools.js';
import { HourPicker } from './HourPicker.js';
import { LayoutSaid } from './LayoutSaid.js';
import { nearView, PlanDrawing, WHOLE_SWIM } from './PlanDrawing.js';
import { PlanHandles } from './PlanHandles.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';

/**
 * The plan of the bank: what lies where, what is in reach, in shade, in the light; and what the swim has of its own.
 */
export function LayoutPage() {
  const { state, loading, missing } = useOuting(useParams()['outingId'] ?? '');
  if (missing) return <NotHere />;
  if (loading) return <p>{layoutText.openingThePlan}</p>;
  return <LayoutOf key={state.swims.at(-1)?.swimId} state={state} />;
}

/** Narrower than this, there is room for the pieces only, and hardly for what lies round them. */
const NARROW_PX = 520;

function LayoutOf({ state }: { state: OutingState }) {
  const { outingId } = state;
  const { water, swim, assessment } = useBank(state);
  const settings = useSettings();
  const writeSettings = useWriteSettings();
  const [moved, setMoved] = useState<Layout>();
  const [chosen, setChosen] = useState<string | null>(null);
  const [drawing, setDrawing] = useState<'kit' | 'swim'>('kit');
  const [hour, setHour] = useState<number>();
  const { keep, notKept } = useRecord();
  const [drawn, width] = useWidth(640);
  const keptSwim = useSwims().find(({ id }) => id === swim?.id);
  const plan = assessment?.plan;
  const helped = state.companions > 0;
  const first = useMemo(() => (plan ? autoLayout(plan, helped) : {}), [plan, helped]);
  if (!plan || !water || !assessment) return <p>{layoutText.openingThePlan}</p>;
  const layout = moved ?? assessment.laid ?? first;
  const judged = judgeLayout({ ...plan, layout });
  const lit = plan.hours.findIndex(({ atMs }) => atMs >= assessment.momentMs);
  const index = Math.min(hour ?? Math.max(0, lit), Math.max(0, plan.hours.length - 1));

  const view = drawing === 'kit' ? nearView(layout, width < NARROW_PX ? 0.7 : 1.7) : WHOLE_SWIM;

  const lay = (next: Layout) => {
    setMoved(next);
    void keep(() => record([makeOutingEvent(outingId, 'laid-out', { layout: next })]));
  };
  const writeFixtures = (fixtures: typeof plan.fixtures) => {
    if (!keptSwim) return;
    const { id, updatedAt: _at, ...row } = keptSwim;
    void keep(() => writeRow('swims', id, { ...row, fixtures: [...fixtures] } as typeof row));
  };
  const move = (id: string, to: Point) => {
    if (drawing === 'kit') lay({ ...layout, [id]: to });
    else writeFixtures(plan.fixtures.map((fixture) => (fixture.id === id ? { ...fixture, ...to } : fixture)));
  };
  const nudge = (id: string, to: Point) => {
    if (drawing === 'kit') setMoved({ ...layout, [id]: to });
    else move(id, to);
  };
  const { updatedAt: _at, ...ways } = settings;
  const handles =
    drawing === 'kit'
      ? (Object.entries(layout) as [KitPiece, Point][]).map(([piece, at]) => ({
          id: piece,
          name: say(KIT_WORDS[piece]),
          ...at,
        }))
      : plan.fixtures.map(({ id, kind, xM, yM }) => ({ id, name: say(FIXTURE_WORDS[kind]), xM, yM }));

  return (
    <article>
      <p>
        <Link to={paths.outing(outingId)} className="quiet-link">
          {layoutText.backToTheOuting}
        </Link>
      </p>
      <h1 className="mb-4 text-3xl font-semibold md:text-4xl">
        {layoutText.thePlanOf({ name: swim ? swim.name : layoutText.theBank })}
      </h1>
      <NotKept when={notKept} />
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[1fr_20rem]">
        {/* No higher than leaves room for the hours and what is done with the plan. */}
        <div ref={drawn} className="lg:max-w-[max(33rem,calc(100vh-22rem))]">
          <PlanDrawing
            plan={plan}
            layout={layout}
            atMs={plan.hours[index]?.atMs ?? assessment.momentMs}
            view={view}
            chosen={chosen}
            outOfReach={judged.outOfReach}
          >
            <PlanHandles
              handles={handles}
              view={view}
              chosen={chosen}
              onChoose={setChosen}
              onMove={move}
              onNudge={nudge}
            />
          </PlanDrawing>
          {plan.hours.length > 1 ? (
            <div className="mt-4">
              <HourPicker hours={plan.hours} matLight={judged.matLight} index={index} onChange={setHour} />
            </div>
          ) : (
            <p className="mt-3 text-soft">{layoutText.addThePositionOf}</p>
          )}
          <div className="mt-4 flex flex-wrap items-start gap-3">
            <Choice<'kit' | 'swim'>
              label={layoutText.whatIsMoved}
              value={drawing}
              onChange={(next) => {
                setDrawing(next);
                setChosen(null);
              }}
              options={[
                { value: 'kit', label: layoutText.moveTheKit },
                { value: 'swim', label: layoutText.drawTheSwim },
              ]}
            />
            {drawing === 'kit' && (
              <>
                <button type="button" className="button button-main" onClick={() => lay(autoLayout(plan, helped))}>
                  {layoutText.layItOutFor}
                </button>
                {settings.habit && (
                  <button
                    type="button"
                    className="button"
                    onClick={() => lay(layoutByHabit(settings.habit ?? {}, plan))}
                  >
                    {layoutText.myUsualLayout}
                  </button>
                )}
                <button
                  type="button"
                  className="button"
                  onClick={() => writeSettings.mutate({ ...ways, habit: layout })}
                >
                  {layoutText.saveAsMyUsual}
                </button>
              </>
            )}
          </div>
          {writeSettings.isError && (
            <Notice role="alert">{layoutText.yourUsualLayoutWas({ message: writeSettings.error.message })}</Notice>
          )}
          {writeSettings.isSuccess && (
            <p role="status" className="mt-2">
              {layoutText.savedAsYourUsual}
            </p>
          )}
          {drawing === 'kit' ? (
            <KitTools layout={layout} chosen={chosen} onChoose={setChosen} onLay={lay} />
          ) : keptSwim ? (
            <FixtureTools fixtures={plan.fixtures} chosen={chosen} onChoose={setChosen} onChange={writeFixtures} />
          ) : (
            <p className="mt-4 max-w-prose">
              {layoutText.treesStonesAndPaths}{' '}
              <Link to={paths.water(water.id)} className="quiet-link">
                {layoutText.describeTheSwimFirst}
              </Link>
              .
            </p>
          )}
        </div>
        <LayoutSaid judged={judged} onChoose={(pieces) => setChosen(pieces[0] ?? null)} />
      </div>
    </article>
  );
}

interface KitToolsProps {
  readonly layout: Layout;
  readonly chosen: string | null;
  readonly onChoose: (piece: string | null) => void;
  readonly onLay: (layout: Layout) => void;
}

/** Every piece by name: those on the plan are shown on it, the others are put out. */
function KitTools({ layout, chosen, onChoose, onLay }: KitToolsProps) {
  const piece = KIT_PIECES.find((each) => each === chosen && layout[each]);
  const chip =
    'min-h-11 rounded-full border-[1.5px] border-edge px-4 aria-pressed:border-ink aria-pressed:bg-waterfill aria-pressed:font-semibold';
  return (
    <div className="mt-5 flex flex-wrap gap-2" role="group" aria-label={layoutText.pieces}>
      {KIT_PIECES.map((each) =>
        layout[each] ? (
          <button
            key={each}
            type="button"
            aria-pressed={each === chosen}
            className={chip}
            onClick={() => onChoose(each)}
          >
            {say(KIT_WORDS[each])}
          </button>
        ) : (
          <button
            key={each}
            type="button"
            className={`${chip} border-dashed`}
            onClick={() => {
              onLay({ ...layout, [each]: { xM: -3.5, yM: each === 'net' ? 0.3 : -2 } });
              onChoose(each);
            }}
          >
            {layoutText.putOut({ each: say(KIT_WORDS[each]) })}
          </button>
        ),
      )}
      {piece && (
        <button
          type="button"
          className={chip}
          onClick={() => {
            const { [piece]: _gone, ...rest } = layout;
            onLay(rest);
            onChoose(null);
          }}
        >
          {layoutText.takeAway2({ piece: say(KIT_WORDS[piece]) })}
        </button>
      )}
    </div>
  );
}
