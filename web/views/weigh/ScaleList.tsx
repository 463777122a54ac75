import { paths } from '../../app/paths.js';
import { weighText } from './text.en-GB.js';
import { Link } from 'react-router';
import type { KeptKitItem } from '@keeper/contract/kit';
import { massSystemOf } from '@keeper/core/measure/mass';
import { formatMass } from '@keeper/core/measure/formatMass';
import { errorAt, judgeCheck, type JudgedCheck } from '@keeper/core/weighing/scaleCheck';
import { useStandingKit } from '../../data/rows.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { Section } from '../../parts/Section.js';
import { formatDoubt } from '@keeper/core/measure/formatInterval';
import { dayText, whenText } from '../../parts/when.js';
import { COMPARED_GRAMS, DriftPlot } from './DriftPlot.js';

/** The keeper's scales, each with what its checks found over the years. */
export function ScaleList() {
  const scales = useStandingKit().filter(({ kind }) => kind === 'scales');
  return (
    <Section title={weighText.scales}>
      {scales.length === 0 && (
        <p className="text-soft">
          {weighText.noScalesStandIn}{' '}
          <Link to={paths.kit} className="quiet-link">
            {weighText.addThemThere}
          </Link>
          {weighText.thenCompareThemWith}
        </p>
      )}
      <ul className="grid gap-6">
        {scales.map((item) => (
          <li key={item.id}>
            <OneScale item={item} />
          </li>
        ))}
      </ul>
    </Section>
  );
}

/** The checks of a scale that could be judged, oldest first. */
function judgedChecks({ scale }: Pick<KeptKitItem, 'scale'>): readonly JudgedCheck[] {
  if (!scale) return [];
  return scale.checks
    .flatMap((check) => {
      const judged = judgeCheck(check, scale);
      return judged.ok ? [judged.value] : [];
    })
    .toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

function OneScale({ item }: { item: KeptKitItem }) {
  const checks = judgedChecks(item);
  const last = checks.at(-1);
  const nowMs = useMinute();
  const system = massSystemOf(item.scale?.division.unit ?? 'g');
  return (
    <div className="border-t border-rule pt-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="text-lg font-semibold">{item.name}</h3>
        <span className="text-soft">
          {item.scale
            ? weighText.stepsOfClass({ division: formatMass(item.scale.division), scaleClass: item.scale.scaleClass })
            : ''}
        </span>
      </div>
      <p className="mt-1">{last ? verdict(last, nowMs, system) : weighText.neverComparedWithKnown}</p>
      {checks.length > 1 && <DriftPlot checks={checks} system={system} />}
      <Link to={paths.scaleCheck(item.id)} className="button mt-3">
        {weighText.checkWithKnownMasses2}
      </Link>
    </div>
  );
}

function verdict(check: JudgedCheck, nowMs: number, system: 'lb-oz' | 'kg'): string {
  const error = errorAt(check, COMPARED_GRAMS);
  const at = system === 'kg' ? '10 kg' : '22 lb';
  const shows =
    Math.abs(error) < 3
      ? weighText.trueAt({ at })
      : weighText.tooAt({ error: formatDoubt(Math.abs(error), system), error2: error, at });
  const due =
    check.due < new Date(nowMs).toISOString().slice(0, 10)
      ? weighText.itWasDueAgain({ due: dayText(check.due) })
      : weighText.nextCheckBy({ due: dayText(check.due) });
  return weighText.theLimitsOfIts({
    at: whenText(check.at).replace(/,.*/, ''),
    shows,
    within: check.within,
    shape: check.shape,
    due,
  });
}
