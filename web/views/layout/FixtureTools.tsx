import { layoutText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { FIXTURE_KINDS, FIXTURE_WORDS, NEW_FIXTURE, type Fixture } from '@keeper/core/domain/water/plan';
import { newId } from '../../data/device.js';

interface FixtureToolsProps {
  readonly fixtures: readonly Fixture[];
  readonly chosen: string | null;
  readonly onChoose: (id: string | null) => void;
  readonly onChange: (fixtures: readonly Fixture[]) => void;
}

/** Draws the swim: adds what stands there, makes it larger or higher, takes it away. */
export function FixtureTools({ fixtures, chosen, onChoose, onChange }: FixtureToolsProps) {
  const fixture = fixtures.find(({ id }) => id === chosen);
  const resize = (change: Partial<Fixture>) =>
    onChange(fixtures.map((each) => (each.id === chosen ? { ...each, ...change } : each)));
  return (
    <div className="mt-4 grid gap-3">
      <div className="flex flex-wrap gap-2">
        {FIXTURE_KINDS.map((kind) => (
          <button
            key={kind}
            type="button"
            className="button font-normal"
            onClick={() => {
              const id = newId();
              onChange([...fixtures, { id, kind, xM: 2.5, yM: kind === 'path' ? -5 : -3, ...NEW_FIXTURE[kind] }]);
              onChoose(id);
            }}
          >
            {layoutText.add({ kind: say(FIXTURE_WORDS[kind]) })}
          </button>
        ))}
      </div>
      {fixture && (
        <div
          className="flex flex-wrap items-center gap-2"
          role="group"
          aria-label={layoutText.the({ kind: say(FIXTURE_WORDS[fixture.kind]) })}
        >
          <Stepper
            label={layoutText.mWide({ radiusM: (2 * fixture.radiusM).toFixed(1) })}
            onStep={(by) => resize({ radiusM: Math.min(20, Math.max(0.2, fixture.radiusM + by * 0.25)) })}
          />
          {fixture.heightM > 0 && (
            <Stepper
              label={layoutText.mHigh({ heightM: fixture.heightM.toFixed(1) })}
              onStep={(by) => resize({ heightM: Math.min(40, Math.max(0.5, fixture.heightM + by * 0.5)) })}
            />
          )}
          <button
            type="button"
            className="button font-normal"
            onClick={() => {
              onChange(fixtures.filter(({ id }) => id !== chosen));
              onChoose(null);
            }}
          >
            {layoutText.takeAway}
          </button>
        </div>
      )}
    </div>
  );
}

function Stepper({ label, onStep }: { label: string; onStep: (by: 1 | -1) => void }) {
  return (
    <span className="inline-flex items-center rounded-md border-[1.5px] border-edge bg-leaf">
      <button
        type="button"
        aria-label={layoutText.less({ label })}
        className="size-12 text-xl"
        onClick={() => onStep(-1)}
      >
        −
      </button>
      <span className="min-w-28 text-center tabular-nums">{label}</span>
      <button
        type="button"
        aria-label={layoutText.more({ label })}
        className="size-12 text-xl"
        onClick={() => onStep(1)}
      >
        +
      </button>
    </span>
  );
}
