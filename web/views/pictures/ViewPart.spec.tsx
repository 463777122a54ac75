import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { wholePicture } from '@keeper/core/pictures/pictureView';
import { type PictureView } from '@keeper/core/domain/capture/pictureReading';
import { ViewPart } from './ViewPart.js';

jest.mock('../../parts/PictureInView.js', () => ({
  PictureInView: ({ view }: { view: PictureView }) => <output>{view.centre.x.toFixed(1)}</output>,
}));

const VIEW = { ...wholePicture({ widthPx: 900, heightPx: 700 }), widthPx: 500 };

function part(view: PictureView = VIEW) {
  const kept: (PictureView | null)[] = [];
  render(<ViewPart sha256="a" view={view} onChange={(next) => kept.push(next)} />);
  const frame = screen.getByRole('application', { name: /^What is shown/ });
  Object.defineProperty(frame, 'clientWidth', { value: 400 });
  frame.setPointerCapture = () => undefined;
  const tap = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
  return { kept, frame, tap };
}

/** A pointer as the browser gives it; jsdom knows mice only. */
function pointer(frame: HTMLElement, type: string, clientX: number, clientY: number): void {
  fireEvent(frame, new MouseEvent(type, { bubbles: true, clientX, clientY }));
}

test('each tool changes one thing, and the original can be had back', () => {
  const { kept, tap } = part();
  for (const name of ['Closer', 'Wider', 'Turn left', 'Brighter', 'Mirror', 'As it was taken']) tap(name);
  const [closer, wider, turned, brighter, mirrored, taken] = kept;
  expect(closer?.widthPx).toBeCloseTo(500 / 1.1, 6);
  expect(wider?.widthPx).toBeCloseTo(550, 6);
  expect(turned?.turnRad).toBeCloseTo(-Math.PI / 180, 9);
  expect(brighter?.stops).toBe(0.25);
  expect(mirrored?.mirrored).toBe(true);
  expect(taken).toBeNull();
});

test('dragged, it follows the finger and is kept once, when the finger leaves', () => {
  const { kept, frame } = part();
  pointer(frame, 'pointerdown', 100, 100);
  pointer(frame, 'pointermove', 120, 100);
  pointer(frame, 'pointermove', 140, 100);
  // A tenth of the frame to the right: what is shown begins a tenth further left.
  expect(screen.getByText('400.0')).toBeVisible();
  expect(kept).toEqual([]);
  pointer(frame, 'pointerup', 140, 100);
  expect(kept.map((view) => view?.centre.x)).toEqual([400]);
});

test('a tap that moves nothing keeps nothing; a drag that is broken off neither', () => {
  const { kept, frame } = part();
  pointer(frame, 'pointerdown', 100, 100);
  pointer(frame, 'pointerup', 100, 100);
  pointer(frame, 'pointerdown', 100, 100);
  pointer(frame, 'pointermove', 180, 100);
  pointer(frame, 'pointercancel', 180, 100);
  expect(screen.getByText('450.0')).toBeVisible();
  expect(kept).toEqual([]);
});

test('by keyboard the arrows move it, and other keys are left alone', () => {
  const { kept, frame } = part();
  fireEvent.keyDown(frame, { key: 'ArrowDown' });
  fireEvent.keyDown(frame, { key: 'Tab' });
  expect(kept.map((view) => view?.centre)).toEqual([{ x: 450, y: 340 }]);
});
