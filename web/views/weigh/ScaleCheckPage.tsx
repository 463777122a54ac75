import { paths } from '../../app/paths.js';
import { weighText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { KeptKitItem } from '@keeper/contract/kit';
import { massSystemOf, type Mass, type MassUnit } from '@keeper/core/measure/mass';
import { SCALE_CLASSES, type ScaleClass } from '@keeper/core/domain/kit/scaleSpec';
import { judgeCheck } from '@keeper/core/weighing/scaleCheck';
import type { ScaleSpec } from '@keeper/core/domain/kit/scaleSpec';
import { NotHere } from '../../app/NotHere.js';
import { writeRow } from '../../data/record.js';
import { useSettings } from '../../data/queries.js';
import { useKit } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { FieldSentence, Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { useDraft } from '../../parts/useDraft.js';
import { readCheck, type TypedPoint } from './readCheck.js';
import { CheckPointFields } from './CheckPointFields.js';
import { CheckVerdict } from './CheckVerdict.js';

interface Draft {
  readonly division: Mass;
  readonly scaleClass: ScaleClass;
  readonly points: readonly TypedPoint[];
}

const EMPTY: TypedPoint = { how: 'known-mass', known: '', tempC: '', shown: '' };

/** Steps that hanging scales have. */
const DIVISIONS: readonly { readonly label: string; readonly mass: Mass }[] = [
  { label: '1 oz', mass: { unit: 'oz', count: 1 } },
  { label: '2 oz', mass: { unit: 'oz', count: 2 } },
  { label: '4 oz', mass: { unit: 'oz', count: 4 } },
  { label: '8 oz', mass: { unit: 'oz', count: 8 } },
  { label: '¼ oz', mass: { unit: 'quarter-oz', count: 1 } },
  { label: '0.02 lb', mass: { unit: 'lb/100', count: 2 } },
  { label: '5 g', mass: { unit: 'g', count: 5 } },
  { label: '10 g', mass: { unit: 'g', count: 10 } },
  { label: '20 g', mass: { unit: 'g', count: 20 } },
  { label: '50 g', mass: { unit: 'g', count: 50 } },
];

/** Holding one scale against known masses. */
export function ScaleCheckPage() {
  const itemId = useParams()['itemId'] ?? '';
  const item = useKit().find(({ id, kind }) => id === itemId && kind === 'scales');
  return item ? <CheckOf key={item.revision} item={item} /> : <NotHere />;
}

function CheckOf({ item }: { item: KeptKitItem }) {
  const { massUnit } = useSettings();
  const navigate = useNavigate();
  const [draft, change, clear] = useDraft<Draft>(`check.${item.id}`, {
    division: item.scale?.division ??
      DIVISIONS.find(({ mass }) => mass.unit === massUnit)?.mass ?? { unit: 'oz', count: 1 },
    scaleClass: item.scale?.scaleClass ?? 'III',
    points: [EMPTY, EMPTY, EMPTY],
  });
  const [tried, setTried] = useState(false);
  const [notKept, setNotKept] = useState(false);
  const read = readCheck(draft.points, massSystemOf(draft.division.unit));
  const nature: ScaleSpec = {
    division: draft.division,
    scaleClass: draft.scaleClass,
    checks: item.scale?.checks ?? [],
  };
  const check = { at: new Date().toISOString(), points: read.points };
  const judged = read.points.length >= 2 ? judgeCheck(check, nature) : undefined;
  const set = (i: number, to: Partial<TypedPoint>) =>
    change({ points: draft.points.map((point, at) => (at === i ? { ...point, ...to } : point)) });

  const keep = async () => {
    setTried(true);
    if (!judged?.ok || read.problems.some(Boolean)) return;
    const { id, updatedAt: _at, ...row } = item;
    try {
      await writeRow('kit', id, {
        ...row,
        checkedAt: check.at,
        scale: { ...nature, checks: [...nature.checks, check] },
      } as typeof row);
    } catch {
      setNotKept(true);
      return;
    }
    clear();
    await navigate(paths.weighDesk);
  };

  return (
    <form
      className="grid gap-8"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <h1 className="text-3xl font-semibold">{weighText.checkWithKnownMasses({ name: item.name })}</h1>
      <div className="grid items-start gap-x-12 gap-y-8 lg:grid-cols-[1fr_22rem]">
        <div className="grid gap-8">
          <Section title={weighText.whatItShowsIn}>
            <Choice
              label={weighText.stepOfTheScale}
              value={divisionLabel(draft.division)}
              onChange={(label) => {
                const mass = DIVISIONS.find((each) => each.label === label)?.mass;
                if (mass) change({ division: mass });
              }}
              options={DIVISIONS.map(({ label }) => ({ value: label, label }))}
            />
            <p className="mt-4 mb-1 text-sm">{weighText.classAsItStands}</p>
            <Choice<ScaleClass>
              label={weighText.classOfTheScale}
              value={draft.scaleClass}
              onChange={(scaleClass) => change({ scaleClass })}
              options={SCALE_CLASSES.map((value) => ({ value, label: value }))}
            />
          </Section>
          <Section title={weighText.whatWasHungAnd}>
            <p className="mb-3 text-soft">{weighText.atLeastThreeFrom}</p>
            <ol className="grid gap-4">
              {draft.points.map((point, i) => (
                <CheckPointFields
                  key={i}
                  number={i + 1}
                  point={point}
                  problem={tried || point.known !== '' ? read.problems[i] : undefined}
                  onChange={(to) => set(i, to)}
                  onAway={
                    draft.points.length > 3
                      ? () => change({ points: draft.points.filter((_, at) => at !== i) })
                      : undefined
                  }
                />
              ))}
            </ol>
            <button
              type="button"
              className="button mt-4 font-normal"
              onClick={() => change({ points: [...draft.points, EMPTY] })}
            >
              {weighText.addAMass}
            </button>
          </Section>
        </div>
        <div className="grid gap-4 lg:sticky lg:top-8">
          {judged?.ok ? (
            <CheckVerdict check={judged.value} system={massSystemOf(draft.division.unit)} />
          ) : (
            <p className="text-soft">{judged ? say(judged.reason) : weighText.theResultAppearsHere}</p>
          )}
          {tried && !judged?.ok && (
            <FieldSentence id="check-problem">
              {judged && !judged.ok ? say(judged.reason) : weighText.aCheckNeedsAt}
            </FieldSentence>
          )}
          {notKept && <Notice role="alert">{weighText.itCouldNotBe}</Notice>}
          <button type="submit" className="button button-main min-h-16">
            {weighText.saveThisCheck}
          </button>
          <p className="text-sm text-soft">{weighText.earlierWeightsKeepThe}</p>
        </div>
      </div>
    </form>
  );
}

function divisionLabel({ unit, count }: { unit: MassUnit; count: number }): string {
  return DIVISIONS.find(({ mass }) => mass.unit === unit && mass.count === count)?.label ?? '';
}
