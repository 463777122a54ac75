import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import type { FishingAdvice } from '@keeper/core/care/fishing';
import { Advice, HotCaptureCard } from './Advice.js';

const warm: FishingAdvice = {
  species: 'pike',
  verdict: 'stop',
  saturationMgL: 8.5,
  findings: [
    {
      rule: 'too-warm',
      severity: 'stop',
      text: { code: 'Leave pike alone.' },
      reason: { code: 'Warm water.' },
      basis: { kind: 'local-rule', water: 'Mere' },
      changes: { code: 'After about 21:40.' },
    },
  ],
};
const mild: FishingAdvice = { species: 'carp', verdict: 'good', saturationMgL: 9, findings: [] };

test('each verdict is said in words, with reason, basis and what would change it', () => {
  render(<Advice advice={[warm, mild]} />);
  expect(screen.getByRole('heading', { name: 'Pike: leave them today' })).toBeVisible();
  expect(screen.getByRole('heading', { name: 'Carp: go' })).toBeVisible();
  expect(screen.getByText('(rule of Mere)')).toBeVisible();
  expect(screen.getByText('After about 21:40.')).toBeVisible();
  expect(screen.getByText(/Local rules and licences decide/)).toBeVisible();
});

test('the card for a fish that is hooked all the same stands only where the water is too warm, own school first', () => {
  const { rerender } = render(<HotCaptureCard advice={[mild]} school="land" />);
  expect(screen.queryByRole('heading')).not.toBeInTheDocument();
  rerender(<HotCaptureCard advice={[warm, mild]} school="break-off" />);
  const [, first] = screen.getAllByRole('heading');
  expect(first).toHaveTextContent('Break it off, or straighten the hookyour choice');
});
