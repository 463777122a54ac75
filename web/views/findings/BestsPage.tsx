import { useState } from 'react';
import { Link } from 'react-router';
import type { MeasuredFish } from '@keeper/core/domain/capture/measuredFish';
import { isBeyondKnown } from '@keeper/core/domain/fish/heaviestKnown';
import { speciesName, type SpeciesId } from '@keeper/core/domain/fish/species';
import { BEST_BY, bestsOf, type BestBy, type BestIn } from '@keeper/core/findings/bests';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import { paths } from '../../app/paths.js';
import { useWaters } from '../../data/rows.js';
import { useMeasured } from '../../data/useMeasured.js';
import { Choice } from '../../parts/Choice.js';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { useHousehold } from '../../parts/useHousehold.js';
import { dateFormat } from '../../text/language.js';
import { say } from '../../text/say.js';
import { Chances } from './Chances.js';
import { FindingsFrame } from './FindingsFrame.js';
import { FishLine } from './FishLine.js';
import { Ladder } from './Ladder.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';

const TOPS = [1, 3, 10] as const;
const MONTH = dateFormat({ month: 'long', timeZone: 'UTC' });

/** The best of each kind, how it grew, lists of the best, and what the next trips may bring. */
export function BestsPage() {
  return (
    <FindingsFrame title={findingsText.bests} how={findingsText.bestsHow}>
      {(filter) => <Bests filter={filter} />}
    </FindingsFrame>
  );
}

function Bests({ filter }: { filter: RecordFilter }) {
  const [best, setBest] = useState<BestIn>('weight');
  const fish = useMeasured().filter((each) => isMeant(each, filter));
  const kinds = bestsOf(fish, { by: 'kind', best, top: 1 });
  if (kinds.length === 0)
    return (
      <>
        <InWhat best={best} onChange={setBest} />
        <p className="max-w-prose font-book text-xl">{findingsText.noBests}</p>
      </>
    );
  return (
    <>
      <InWhat best={best} onChange={setBest} />
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-2">
        {kinds.map(({ key }) => (
          <Section key={key} title={say(speciesName(key as SpeciesId))}>
            <Ladder fish={fish.filter(({ species }) => species === key)} best={best} />
          </Section>
        ))}
      </div>
      <StandAside fish={fish.filter(({ species, netGrams }) => isBeyondKnown(species, netGrams))} />
      <Chances filter={filter} />
      <Lists fish={fish} best={best} kinds={kinds.map(({ key }) => key)} />
    </>
  );
}

/** Nobody is praised for a slip of the pen. */
function StandAside({ fish }: { fish: readonly MeasuredFish[] }) {
  if (fish.length === 0) return null;
  return (
    <Section title={findingsText.standAside}>
      <p className="max-w-prose">{findingsText.beyondKnown}</p>
      <ul className="max-w-prose">
        {fish.map((each) => (
          <li key={each.captureId} className="border-t border-rule">
            <Link to={paths.capture(each.captureId)} className="block py-2">
              <FishLine fish={each} />
            </Link>
          </li>
        ))}
      </ul>
    </Section>
  );
}

function InWhat({ best, onChange }: { best: BestIn; onChange: (best: BestIn) => void }) {
  return (
    <Choice<BestIn>
      label={findingsText.bestIn}
      value={best}
      onChange={onChange}
      options={[
        { value: 'weight', label: findingsText.byWeight },
        { value: 'length', label: findingsText.byLength },
      ]}
    />
  );
}

interface ListsProps {
  readonly fish: readonly MeasuredFish[];
  readonly best: BestIn;
  readonly kinds: readonly string[];
}

/** Lists of one kind: a catfish beats every barbel. */
function Lists({ fish, best, kinds }: ListsProps) {
  const [by, setBy] = useState<BestBy>('year');
  const [chosen, setKind] = useState('');
  const kind = kinds.includes(chosen) ? chosen : commonest(fish, kinds);
  const [top, setTop] = useState<number>(TOPS[1]);
  const nameOf = useGroupName(by);
  const household = useHousehold();
  const asked = BEST_BY.filter((each) => each !== 'kind' && (each !== 'keeper' || household.length > 1));
  return (
    <Section title={findingsText.lists}>
      <div className="mb-4 grid max-w-2xl gap-3 sm:grid-cols-3 print:hidden">
        {kinds.length > 1 && (
          <Picker
            label={findingsText.kind}
            value={kind}
            onChange={setKind}
            options={kinds.map((each) => ({ value: each, label: say(speciesName(each as SpeciesId)) }))}
          />
        )}
        <Picker
          label={findingsText.listedBy}
          value={by}
          onChange={(to) => setBy(asked.find((each) => each === to) ?? 'year')}
          options={asked.map((each) => ({ value: each, label: findingsText.bestBy[each] }))}
        />
        <Picker
          label={findingsText.howManyOfEach}
          value={String(top)}
          onChange={(to) => setTop(Number(to))}
          options={TOPS.map((n) => ({ value: String(n), label: findingsText.theBest({ n }) }))}
        />
      </div>
      <div className="grid gap-x-12 gap-y-6 lg:grid-cols-2">
        {bestsOf(
          fish.filter(({ species }) => species === kind),
          { by, best, top },
        ).map(({ key, fish: of }) => (
          <div key={key} className="break-inside-avoid">
            <h3 className="font-semibold">{nameOf(key)}</h3>
            <ol>
              {of.map((each) => (
                <li key={each.captureId} className="border-t border-rule">
                  <Link to={paths.capture(each.captureId)} className="block py-2">
                    <FishLine fish={each} />
                  </Link>
                </li>
              ))}
            </ol>
          </div>
        ))}
      </div>
    </Section>
  );
}

function commonest(fish: readonly MeasuredFish[], kinds: readonly string[]): string {
  const times = (kind: string) => fish.filter(({ species }) => species === kind).length;
  return [...kinds].sort((a, b) => times(b) - times(a))[0] ?? '';
}

function useGroupName(by: BestBy): (key: string) => string {
  const waters = useWaters();
  const household = useHousehold();
  const names: Readonly<Record<BestBy, (key: string) => string>> = {
    kind: (key) => say(speciesName(key as SpeciesId)),
    water: (key) => waters.find(({ id }) => id === key)?.name ?? findingsText.aWater,
    year: (key) => key,
    month: (key) => MONTH.format(Date.UTC(2000, Number(key) - 1, 15)),
    keeper: (key) => household.find(({ id }) => id === key)?.name ?? findingsText.aKeeper,
  };
  return names[by];
}

function isMeant({ waterId, species, keeperId, startedAt, dated }: MeasuredFish, filter: RecordFilter): boolean {
  const day = dated?.from ?? startedAt ?? '';
  return (
    (filter.waterId === undefined || filter.waterId === waterId) &&
    (filter.species === undefined || filter.species === species) &&
    (filter.keeperId === undefined || filter.keeperId === keeperId) &&
    (filter.year === undefined || day.startsWith(String(filter.year)))
  );
}
