import '@testing-library/jest-dom';
import { fireEvent, render, screen } from '@testing-library/react';
import { PictureStage, type StagePoint } from './PictureStage.js';

const POINTS: readonly StagePoint[] = [
  { id: 'snout', name: 'Tip of the snout', sign: 'snout', at: { x: 100, y: 200 } },
  { id: 'fork', name: 'Fork of the tail', sign: 'fork', at: { x: 700, y: 210 } },
];

function stage(tapped?: (at: { x: number; y: number }) => void, widthPx = 800) {
  const moved: [string, { x: number; y: number }][] = [];
  render(
    <PictureStage
      href="fish.jpg"
      widthPx={widthPx}
      heightPx={600}
      points={POINTS}
      label="The picture"
      onMoved={(id, to) => moved.push([id, to])}
      onTapped={tapped}
    />,
  );
  return moved;
}

const point = (name: RegExp) => screen.getByRole('button', { name });

test('each point is named, and says how it is moved', () => {
  stage();
  expect(point(/^Tip of the snout/)).toHaveAccessibleName('Tip of the snout: drag it, or move it with the arrow keys');
  expect(screen.getByRole('group', { name: 'The picture' })).toBeInTheDocument();
});

test.each([
  ['ArrowLeft', { x: 99, y: 200 }],
  ['ArrowRight', { x: 101, y: 200 }],
  ['ArrowUp', { x: 100, y: 199 }],
  ['ArrowDown', { x: 100, y: 201 }],
])('%s moves it by a pixel', (key, to) => {
  const moved = stage();
  fireEvent.keyDown(point(/^Tip of the snout/), { key });
  expect(moved).toEqual([['snout', to]]);
});

test('with shift it goes ten, and on a large picture a step is what a screen can show', () => {
  const moved = stage(undefined, 3200);
  fireEvent.keyDown(point(/^Fork of the tail/), { key: 'ArrowRight', shiftKey: true });
  expect(moved).toEqual([['fork', { x: 720, y: 210 }]]);
});

test('other keys move nothing', () => {
  const moved = stage();
  fireEvent.keyDown(point(/^Tip of the snout/), { key: 'Enter' });
  expect(moved).toEqual([]);
});
