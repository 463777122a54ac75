import { picturesText } from './text.en-GB.js';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { adjusted, type ViewChange } from '@keeper/core/pictures/pictureView';
import { type PictureView } from '@keeper/core/domain/capture/pictureReading';
import { PictureInView } from '../../parts/PictureInView.js';
import { Section } from '../../parts/Section.js';

interface ViewPartProps {
  readonly sha256: string;
  readonly view: PictureView;
  readonly onChange: (view: PictureView | null) => void;
}

const DEGREE = Math.PI / 180;
const TOOLS: readonly (readonly [name: string, change: ViewChange])[] = [
  [picturesText.closer, { closer: 1.1 }],
  [picturesText.wider, { closer: 1 / 1.1 }],
  [picturesText.turnLeft, { turnRad: -DEGREE }],
  [picturesText.turnRight, { turnRad: DEGREE }],
  [picturesText.brighter, { stops: 0.25 }],
  [picturesText.darker, { stops: -0.25 }],
  [picturesText.mirror, { mirror: true }],
];
const ARROWS: Readonly<Record<string, ViewChange['shift']>> = {
  ArrowLeft: { x: -0.02, y: 0 },
  ArrowRight: { x: 0.02, y: 0 },
  ArrowUp: { x: 0, y: -0.02 },
  ArrowDown: { x: 0, y: 0.02 },
};

/** How the book shows a picture: dragged, cut, turned and brightened by hand. The original is not touched. */
export function ViewPart({ sha256, view, onChange }: ViewPartProps) {
  const [drag, setDrag] = useState<{
    readonly fromX: number;
    readonly fromY: number;
    readonly shift: ViewChange['shift'];
  }>();
  const shown = drag?.shift ? adjusted(view, { shift: drag.shift }) : view;
  const begin = (event: PointerEvent<HTMLDivElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    setDrag({ fromX: event.clientX, fromY: event.clientY, shift: { x: 0, y: 0 } });
  };
  const go = ({ clientX, clientY, currentTarget: { clientWidth } }: PointerEvent<HTMLDivElement>) =>
    drag &&
    setDrag({ ...drag, shift: { x: (clientX - drag.fromX) / clientWidth, y: (clientY - drag.fromY) / clientWidth } });
  const end = () => {
    if (drag?.shift && (drag.shift.x !== 0 || drag.shift.y !== 0)) onChange(shown);
    setDrag(undefined);
  };
  const key = (event: KeyboardEvent) => {
    const shift = ARROWS[event.key];
    if (!shift) return;
    event.preventDefault();
    onChange(adjusted(view, { shift }));
  };
  return (
    <Section title={picturesText.asTheBookShows}>
      <div
        role="application"
        aria-label={picturesText.whatIsShownDrag}
        tabIndex={0}
        className="cursor-move touch-none rounded-lg"
        onPointerDown={begin}
        onPointerMove={go}
        onPointerUp={end}
        onPointerCancel={() => setDrag(undefined)}
        onKeyDown={key}
      >
        <PictureInView
          sha256={sha256}
          view={shown}
          size={'view'}
          alt={picturesText.asTheBookShows}
          className="aspect-4/3 w-full rounded-lg"
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        {TOOLS.map(([name, change]) => (
          <button
            key={name}
            type="button"
            className="button px-3 font-normal"
            onClick={() => onChange(adjusted(view, change))}
          >
            {name}
          </button>
        ))}
        <button type="button" className="button px-3 font-normal" onClick={() => onChange(null)}>
          {picturesText.asItWasTaken}
        </button>
      </div>
    </Section>
  );
}
