import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import type { PictureVerdict } from '@keeper/core/pictures/verdict';
import { VerdictList } from './VerdictList.js';

const good: PictureVerdict = {
  check: 'whole',
  good: true,
  says: { code: 'The whole fish is in the picture.' },
  badness: 0,
};
const blurred: PictureVerdict = {
  check: 'sharp',
  good: false,
  says: { code: 'Blurred: the pattern runs together.' },
  nextTime: { code: 'Take three.' },
  badness: 0.9,
};
const glare: PictureVerdict = {
  check: 'glare',
  good: false,
  says: { code: 'Wet glare hides a part.' },
  nextTime: { code: 'Tilt it.' },
  badness: 0.6,
};

test('what is wrong comes first, the worst at the head, each with what to do next time', () => {
  render(<VerdictList verdicts={[good, glare, blurred]} />);
  const items = screen.getAllByRole('listitem');
  expect(items.map(({ textContent }) => textContent)).toEqual([
    'Blurred: the pattern runs together. Take three.',
    'Wet glare hides a part. Tilt it.',
  ]);
  expect(within(items[0] as HTMLElement).getByLabelText('Not good')).toBeInTheDocument();
  expect(screen.getByText('The whole fish is in the picture.')).toBeInTheDocument();
});

test('of a good picture it is one line, and nothing is listed', () => {
  render(<VerdictList verdicts={[good]} />);
  expect(screen.queryByRole('list')).not.toBeInTheDocument();
  expect(screen.getByLabelText('Good')).toBeInTheDocument();
});
