import { Link } from 'react-router';
import type { KeptKitItem } from '@keeper/contract/kit';
import { massSystemOf } from '@keeper/core/measure/mass';
import { formatMass } from '@keeper/core/measure/formatMass';
import { errorAt, judgeCheck, type JudgedCheck } from '@keeper/core/weighing/scaleCheck';
import { useKit } from '../../data/rows.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { Section } from '../../parts/Section.js';
import { formatDoubt } from '@keeper/core/measure/formatInterval';
import { dayText, whenText } from '../../parts/when.js';
import { COMPARED_GRAMS, DriftPlot } from './DriftPlot.js';

/** The keeper's scales, each with what its checks found over the years. */
export function ScaleList() {
  const scales = useKit().filter(({ kind }) => kind === 'scales');
  return (
    <Section title="Scales">
      {scales.length === 0 && (
        <p className="text-soft">
          No scales stand in your kit.{' '}
          <Link to="/kit" className="quiet-link">
            Add them there
          </Link>
          , then compare them with known masses here.
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
          {item.scale ? `steps of ${formatMass(item.scale.division)}, class ${item.scale.scaleClass}` : ''}
        </span>
      </div>
      <p className="mt-1">
        {last
          ? verdict(last, nowMs, system)
          : 'Never compared with known masses. Its weights carry the whole limit of its class as uncertainty.'}
      </p>
      {checks.length > 1 && <DriftPlot checks={checks} system={system} />}
      <Link to={`/weigh/scales/${item.id}`} className="button mt-3">
        Check with known masses
      </Link>
    </div>
  );
}

function verdict(check: JudgedCheck, nowMs: number, system: 'lb-oz' | 'kg'): string {
  const error = errorAt(check, COMPARED_GRAMS);
  const at = system === 'kg' ? '10 kg' : '22 lb';
  const shows =
    Math.abs(error) < 3
      ? `true at ${at}`
      : `${formatDoubt(Math.abs(error), system)} too ${error > 0 ? 'much' : 'little'} at ${at}`;
  const due =
    check.due < new Date(nowMs).toISOString().slice(0, 10)
      ? `It was due again on ${dayText(check.due)}.`
      : `Next check by ${dayText(check.due)}.`;
  return `${whenText(check.at).replace(/,.*/, '')}: ${shows}, ${check.within ? 'within' : 'outside'} the limits of its class${check.shape === 'crooked' ? ', and uneven: nothing is corrected by it' : ''}. ${due}`;
}
