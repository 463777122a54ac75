import { Link } from 'react-router';
import type { HandledSeason } from '@keeper/core/findings/handlingBySeason';
import type { Finding } from '@keeper/core/findings/findings';
import { MISHAPS, TACKLE } from '@keeper/core/findings/tackleOutcomes';
import { spanText } from '@keeper/core/measure/duration';
import { paths } from '../../app/paths.js';
import { useSwims } from '../../data/rows.js';
import { findingSentence } from '../../parts/findings/findingSentence.js';
import { levelText } from '../../parts/findings/levelText.js';
import { useFindings } from '../../parts/findings/useFindings.js';
import { Section } from '../../parts/Section.js';
import { seasonText } from './text.en-GB.js';

const ALL = {};
/** What would be settled in a season is worth trying. */
const A_SEASON = 60;

/** What a year was, beside the year before, what the book has learned by it, and what to try next. */
export function LookedBackOn({ year }: { year: number }) {
  const handling = useFindings('handling', ALL).told;
  const when = useFindings('when', ALL).told;
  const tackle = useFindings('tackle', ALL).told;
  const swims = useSwims();
  const swimName = (id: string) => swims.find((swim) => swim.id === id)?.name;
  const handled = handledText(handling?.seasons ?? [], year);
  const sure = when?.findings.filter(({ says }) => says === 'found') ?? [];
  const worse = TACKLE.flatMap((by) => tackle?.[by] ?? []).filter(({ mishaps }) =>
    MISHAPS.some((mishap) => mishaps[mishap].isWorse),
  );
  const next = [
    ...sure.map((finding) => tryText(finding, swimName)),
    ...new Set(worse.map(({ name }) => seasonText.changeRig({ name }))),
    ...(when?.findings ?? []).flatMap(({ says, factor, moreOutings }) =>
      says === 'open' && moreOutings !== null && moreOutings <= A_SEASON
        ? [seasonText.wouldTell({ factor, outings: Math.max(10, Math.round(moreOutings / 10) * 10) })]
        : [],
    ),
  ];
  return (
    <>
      {handled.length > 0 && (
        <Section title={seasonText.handling}>
          <ul className="grid max-w-prose gap-1 text-lg">
            {handled.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        </Section>
      )}
      {when && (
        <Section title={seasonText.theBookSays}>
          {sure.length === 0 ? (
            <p className="max-w-prose font-book text-lg">{seasonText.nothingSure}</p>
          ) : (
            <ul className="grid max-w-prose gap-2 font-book text-lg">
              {sure.map((finding) => (
                <li key={finding.factor}>{findingSentence(finding, swimName)}</li>
              ))}
            </ul>
          )}
          <Link to={paths.findings} className="quiet-link print:hidden">
            {seasonText.howKnown}
          </Link>
        </Section>
      )}
      {next.length > 0 && (
        <Section title={seasonText.tryNext}>
          <ul className="grid max-w-prose list-disc gap-1 pl-5 text-lg">
            {next.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        </Section>
      )}
    </>
  );
}

/** Each clock of the year beside that of the year before; nothing of what was not tapped. */
function handledText(seasons: readonly HandledSeason[], year: number): string[] {
  const of = (n: number) => seasons.find((season) => season.year === n);
  const [now, before] = [of(year), of(year - 1)];
  if (!now) return [];
  const clocks = (['fight', 'air', 'held'] as const).flatMap((clock) => {
    const [here, then] = [now[clock], before?.[clock]];
    if (!here) return [];
    return seasonText.clock({ clock, span: spanText(here.middle), before: then ? spanText(then.middle) : null });
  });
  const weakly = now.weakly.of > 0 ? [seasonText.weakly({ ...now.weakly, before: before?.weakly ?? null })] : [];
  return [...clocks, ...weakly];
}

function tryText({ factor, level, levels }: Finding, swimName: (id: string) => string | undefined): string {
  const ratio = levels.find((each) => each.level === level)?.ratio?.ratio ?? 1;
  const words = level === null ? '' : levelText(factor, level, swimName);
  return ratio > 1 ? seasonText.fishMore({ level: words }) : seasonText.fishLess({ level: words });
}
