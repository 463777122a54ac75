import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { COMMON_PRACTICE, type Finding } from '@keeper/core/care/counsel';
import { Counsel } from './Counsel.js';

const line = (rule: string, change: Partial<Finding> = {}): Finding => ({
  rule,
  severity: 'stop',
  text: { code: `${rule} now.` },
  reason: { code: `Because of ${rule}.` },
  basis: COMMON_PRACTICE,
  ...change,
});

test('a line says what, and why on tap; one at a time', async () => {
  render(<Counsel lines={[line('cut'), line('wait')]} />);
  expect(screen.queryByText(/Because of/)).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: /^cut now/ }));
  expect(screen.getByText('Because of cut. (common practice)')).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: /^wait now/ }));
  expect(screen.queryByText(/Because of cut/)).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: /^wait now/ }));
  expect(screen.queryByText(/Because of/)).toBeNull();
});

test('what takes more than one thing stands as steps, and the region keeps its room when nothing is said', () => {
  const { rerender } = render(
    <Counsel lines={[line('cut', { steps: [{ code: 'Cutters from behind.' }, { code: 'Count the pieces.' }] })]} />,
  );
  expect(screen.getAllByRole('listitem').map((item) => item.textContent)).toEqual([
    'Cutters from behind.',
    'Count the pieces.',
  ]);
  rerender(<Counsel lines={[]} />);
  expect(screen.getByRole('region', { name: 'What matters now' })).toBeEmptyDOMElement();
});
