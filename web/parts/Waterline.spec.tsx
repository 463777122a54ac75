import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import type { Mark, MediumInterval } from '@keeper/core/domain/capture/captureState';
import { Waterline, waterlineWords } from './Waterline.js';

const spells: MediumInterval[] = [
  { medium: 'water', fromMs: 0, toMs: 360_000 },
  { medium: 'air', fromMs: 360_000, toMs: 400_000 },
  { medium: 'water', fromMs: 400_000, toMs: 460_000 },
  { medium: 'air', fromMs: 460_000, toMs: 480_000 },
  { medium: 'water', fromMs: 480_000, toMs: 540_000 },
];
const marks: Pick<Mark, 'type' | 'atMs'>[] = [
  { type: 'hooked', atMs: 0 },
  { type: 'netted', atMs: 300_000 },
  { type: 'weighed', atMs: 380_000 },
  { type: 'released', atMs: 540_000 },
];

test.each([
  [spells, 540_000, '9 min from the take: 1 min out of the water, in 2 spells, the longest 40 s.'],
  [spells.slice(0, 2), 400_000, '6 min 40 s from the take: 40 s out of the water, once.'],
  [spells.slice(0, 1), 60_000, '1 min from the take: never out of the water.'],
])('says itself in words', (some, untilMs, words) => expect(waterlineWords(some, untilMs)).toBe(words));

test('air stands above the surface and water hangs below it, so that it reads without colour', () => {
  const { container } = render(<Waterline spells={spells} marks={marks} untilMs={540_000} size="page" />);
  expect(screen.getByRole('img')).toHaveAccessibleName(/^9 min from the take/);
  const surface = 62;
  const heights = (fill: string) =>
    [...container.querySelectorAll(`path[fill="${fill}"]`)].map((path) =>
      Number(/v(-?[\d.]+)/.exec(path.getAttribute('d') ?? '')?.[1]),
    );
  expect(heights('var(--air)').every((tall) => tall < 0)).toBe(true);
  expect(heights('var(--water-fill)').every((tall) => tall > 0)).toBe(true);
  expect(heights('var(--air)')).toHaveLength(2);
  expect(container.innerHTML).toContain(`${surface}H`);
});

test('a page names its marks with their times, a glyph only draws them', () => {
  const page = render(<Waterline spells={spells} marks={marks} untilMs={540_000} size="page" />);
  expect(page.container).toHaveTextContent('netted 5:00');
  page.unmount();
  const glyph = render(<Waterline spells={spells} marks={marks} untilMs={540_000} size="glyph" />);
  expect(glyph.container).toHaveTextContent(/^$/);
});
