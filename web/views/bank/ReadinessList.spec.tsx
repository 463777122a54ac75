import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { readiness } from '@keeper/core/bank/readiness';
import type { ReadinessItem } from '@keeper/core/bank/readinessState';
import { COMMON_PRACTICE } from '@keeper/core/care/counsel';
import { ReadinessList } from './ReadinessList.js';

const item = (id: string, change: Partial<ReadinessItem> = {}): ReadinessItem => ({
  id,
  text: { code: `The ${id}` },
  detail: { code: `detail of ${id}` },
  reason: { code: `Why the ${id}.` },
  basis: COMMON_PRACTICE,
  essential: true,
  done: false,
  problem: null,
  ...change,
});
const items = [
  item('net'),
  item('rigs', { problem: { severity: 'stop', text: { code: 'The lead stays on.' } } }),
  item('camera', { essential: false, problem: { severity: 'care', text: { code: 'Its battery is low.' } } }),
];

function list(checked: readonly string[], shown = items) {
  const taps: [string, boolean][] = [];
  render(
    <ReadinessList
      items={shown}
      checked={checked}
      readiness={readiness(shown, checked)}
      onCheck={(id, done) => taps.push([id, done])}
    />,
  );
  return { taps, row: (name: string) => within(screen.getByRole('checkbox', { name })) };
}

test('the first thing that is open is opened with its reason, the others stay short', () => {
  const { row } = list([]);
  expect(row('The net').getByText(/Why the net\./)).toBeVisible();
  expect(row('The net').getByText('(common practice)')).toBeVisible();
  expect(row('The camera').queryByText(/Why the camera/)).not.toBeInTheDocument();
});

test('one tap checks a thing, and one more takes that back', async () => {
  const { taps } = list(['net']);
  await userEvent.click(screen.getByRole('checkbox', { name: 'The camera' }));
  await userEvent.click(screen.getByRole('checkbox', { name: 'The net' }));
  expect(taps).toEqual([
    ['camera', true],
    ['net', false],
  ]);
  expect(screen.getByRole('checkbox', { name: 'The net' })).toBeChecked();
});

test('what is grave says so, and keeps one from being ready though all is checked', () => {
  const { row } = list(['net', 'rigs', 'camera']);
  expect(row('The rigs').getByText('Not here: The lead stays on.')).toBeVisible();
  expect(screen.getByRole('status')).toHaveTextContent('Not ready: one thing that matters is open.');
});

test('small things that are open do not keep one from being ready, and are counted', () => {
  list(['net'], [item('net'), item('board', { essential: false })]);
  expect(screen.getByRole('status')).toHaveTextContent('Ready; one small thing is open.');
});

test('what is known to be done wants no tick, and its quantity stays in sight', () => {
  const { row } = list(['net'], [item('net'), item('water', { done: true, detail: { code: '22.0 °C' } })]);
  expect(screen.getByRole('status')).toHaveTextContent(/^Ready\.$/);
  expect(screen.getByRole('checkbox', { name: 'The water' })).toBeChecked();
  expect(row('The water').getByText('22.0 °C')).toBeVisible();
});

test('with nothing open it says one word', () => {
  list(['net'], [item('net')]);
  expect(screen.getByRole('status')).toHaveTextContent(/^Ready\.$/);
});
