import { useEffect, useState } from 'react';
import { canHappen, nextStep, RUN_STEPS, STEP_WORDS, timesDone, type RunStep } from '@keeper/core/capture/steps';
import type { CaptureStory } from '@keeper/core/capture/story';

/** A second tap this soon is a wet thumb, not another step. */
const BOUNCE_MS = 400;

interface StepsProps {
  readonly story: CaptureStory;
  readonly onStep: (step: RunStep) => void;
  readonly onSetWeight: () => void;
  readonly onLost: () => void;
}

/** The next step in the order of the work, large; everything else that can happen now beside it. */
export function Steps({ story, onStep, onSetWeight, onLost }: StepsProps) {
  const [settling, setSettling] = useState(false);
  useEffect(() => {
    if (!settling) return;
    const settled = setTimeout(() => setSettling(false), BOUNCE_MS);
    return () => clearTimeout(settled);
  }, [settling]);
  // Not `disabled`: that would take the focus away from those who work by keyboard.
  const tapped = (work: () => void) => ({
    type: 'button' as const,
    'aria-disabled': settling,
    onClick: () => {
      if (settling) return;
      setSettling(true);
      work();
    },
  });
  const next = nextStep(story);
  const others = RUN_STEPS.filter((step) => step !== next && canHappen(story, step));
  const weightWaits = timesDone(story, 'weighed') > 0 && !story.facts.weight;
  return (
    <>
      {next && (
        <button {...tapped(() => onStep(next))} className="button button-main min-h-28 text-3xl">
          {label(story, next)}
        </button>
      )}
      <div className="grid grid-cols-2 gap-3">
        {weightWaits && (
          <button type="button" className="button min-h-16" onClick={onSetWeight}>
            Set the weight
          </button>
        )}
        {others.map((step) => (
          <button key={step} {...tapped(() => onStep(step))} className="button min-h-16">
            {label(story, step)}
          </button>
        ))}
        <button {...tapped(onLost)} className="button min-h-16 text-rust">
          Fish lost
        </button>
      </div>
    </>
  );
}

function label(story: CaptureStory, step: RunStep): string {
  const words = STEP_WORDS[step].todo;
  return timesDone(story, step) > 0 ? `${words} again` : words;
}
