import { captureText } from './text.en-GB.js';
import { WOUND_SIDES, type WoundSide } from '@keeper/core/domain/fish/wound';
import type { CaptureState } from '@keeper/core/domain/capture/captureState';
import { FishChart, WoundMark } from '../../parts/FishChart.js';
import { Section } from '../../parts/Section.js';
import { WoundCloseUps } from '../../parts/WoundCloseUps.js';
import { woundText } from '../../parts/woundText.js';

const NAMES: Readonly<Record<WoundSide, string>> = {
  left: captureText.leftFlank,
  right: captureText.rightFlank,
  mouth: captureText.mouth,
};

/** What was found on it, where it lies, and what was applied. */
export function WoundsNoted({ state }: { state: CaptureState }) {
  const sides = WOUND_SIDES.filter((side) => state.wounds.some((wound) => wound.side === side));
  if (sides.length === 0) return null;
  return (
    <Section title={captureText.woundsAndMarks}>
      {sides.map((side) => (
        <FishChart key={side} species={state.facts.species ?? null} side={side} label={NAMES[side]}>
          {state.wounds
            .filter((wound) => wound.side === side)
            .map((wound) => (
              <WoundMark key={wound.woundId} wound={wound} />
            ))}
        </FishChart>
      ))}
      <ul>
        {state.wounds.map((wound) => (
          <li key={wound.woundId} className="grid gap-2 border-t border-rule py-2">
            {woundText(wound)}
            <WoundCloseUps wound={wound} laid={state.pictures.map((picture) => ({ state, picture }))} />
          </li>
        ))}
      </ul>
    </Section>
  );
}
