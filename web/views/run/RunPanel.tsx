import { Suspense } from 'react';
import { lazyPart } from '../../parts/lazyPart.js';
import { LengthPanel } from './LengthPanel.js';
import type { RunDesk } from './runDesk.js';
import { runText } from './text.en-GB.js';
import { WeighPanel } from './WeighPanel.js';

const CameraPanel = lazyPart(async () => (await import('./CameraPanel.js')).CameraPanel);
const PastTheEnd = lazyPart(async () => (await import('./PastTheEnd.js')).PastTheEnd);
const WoundMap = lazyPart(async () => (await import('./WoundMap.js')).WoundMap);

/** What takes the place of the controls while something is read, looked at or pictured. */
export type Panel = 'weight' | 'past-end' | 'length' | 'length-and-girth' | 'girth' | 'wounds' | 'camera';

interface RunPanelProps {
  readonly panel: Panel;
  readonly desk: RunDesk;
  /** Opens another, or goes back to the controls. */
  readonly onPanel: (panel: Panel | undefined) => void;
}

/** A panel of the run; "later" is always an answer, and what could not be kept leaves it open. */
export function RunPanel({ panel, desk, onPanel }: RunPanelProps) {
  const { state, tap } = desk;
  const away = () => onPanel(undefined);
  const then = (next: Panel | undefined) => (kept: boolean) => {
    if (kept) onPanel(next);
  };
  switch (panel) {
    case 'weight':
      return (
        <WeighPanel
          state={state}
          onSet={(weight) => void tap('reading-taken', { weight }).then(then(undefined))}
          onGuess={(guess) => void tap('described', { facts: { guess } })}
          onPastTheEnd={() => onPanel('past-end')}
          onLater={away}
        />
      );
    case 'past-end':
      return (
        <Suspense>
          <PastTheEnd
            state={state}
            onOver={(overScale) => void tap('described', { facts: { overScale } })}
            onSet={(weight) => void tap('reading-taken', { weight }).then(then(undefined))}
            onMeasure={() => onPanel('length-and-girth')}
            onLater={away}
          />
        </Suspense>
      );
    case 'length':
    case 'length-and-girth':
      return (
        <LengthPanel
          state={state}
          meetingReads={desk.context.meeting?.lengthOf}
          onSet={(length) =>
            void tap('described', { facts: { length } }).then(then(panel === 'length' ? undefined : 'girth'))
          }
          onLater={panel === 'length' ? away : () => onPanel('girth')}
        />
      );
    case 'girth':
      return (
        <LengthPanel
          key="girth"
          state={state}
          girth
          onSet={({ unit, count }) =>
            void tap('described', { facts: { girth: { unit, count } } }).then(then(undefined))
          }
          onLater={away}
        />
      );
    case 'camera':
      return (
        <Suspense fallback={<p>{runText.openingTheCamera}</p>}>
          <CameraPanel desk={desk} onDone={away} />
        </Suspense>
      );
    case 'wounds':
      return (
        <Suspense fallback={<p>{runText.drawingTheFish}</p>}>
          <WoundMap desk={desk} onDone={away} />
        </Suspense>
      );
  }
}
