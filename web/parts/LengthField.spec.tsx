import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import { LengthField } from './LengthField.js';

jest.mock('../data/queries.js', () => ({ useSettings: () => FIRST_SETTINGS }));

function Form() {
  const [text, setText] = useState('');
  return <LengthField label="Length" text={text} onChange={setText} tried={false} />;
}

test.each([
  ['31.14', '31¼ in'],
  ['3125', '31¼ in'],
])('%s is caught at once, and one tap makes it %s', async (typed, meant) => {
  render(<Form />);
  const field = screen.getByLabelText('Length');
  await userEvent.type(field, typed);
  expect(field).toBeInvalid();
  expect(field).toHaveValue(typed);
  await userEvent.click(screen.getByRole('button', { name: meant }));
  expect(field).toHaveValue(meant);
  expect(field).toBeValid();
});

test('what is still being typed is not yet complained of', async () => {
  render(<Form />);
  await userEvent.type(screen.getByLabelText('Length'), '31 1/');
  expect(screen.queryByRole('alert')).not.toBeInTheDocument();
});
