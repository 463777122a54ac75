import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { poundsOunces } from '@keeper/core/measure/mass';
import { readWeight, type TypedWeight } from './readWeight.js';
import { WeightFields } from './WeightFields.js';

/** The fields as a form holds them; each change tells the reading that they come to. */
function Form({ onRead }: { onRead: jest.Mock }) {
  const [typed, setTyped] = useState<TypedWeight>({ method: 'zeroed', asRead: '', tare: '' });
  const read = readWeight(typed, 'lb-oz');
  return (
    <WeightFields
      typed={typed}
      onChange={(change) => {
        onRead(readWeight({ ...typed, ...change }, 'lb-oz'));
        setTyped((standing) => ({ ...standing, ...change }));
      }}
      question={'question' in read ? read.question : undefined}
    />
  );
}

test('a dotted weight is asked about in place; the answer settles it', async () => {
  const onRead = jest.fn();
  render(<Form onRead={onRead} />);
  const field = screen.getByLabelText('Weight');
  await userEvent.type(field, '23.11');
  expect(field).toBeInvalid();
  expect(screen.getByRole('group', { name: /ounces after the point/ })).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: '23 lb 11 oz' }));
  expect(field).toBeValid();
  expect(onRead).toHaveBeenLastCalledWith({
    reading: { asRead: poundsOunces(23, 11), method: 'zeroed', written: '23.11' },
  });
});

test('a weight that cannot be is refused under its field, and the text stays', async () => {
  const onRead = jest.fn();
  render(<Form onRead={onRead} />);
  const field = screen.getByLabelText('Weight');
  await userEvent.type(field, '23lb 17oz');
  expect(screen.getByRole('alert')).toHaveTextContent('A pound has 16 ounces');
  expect(field).toHaveAccessibleDescription(/24 lb 1 oz/);
  expect(field).toHaveValue('23lb 17oz');
});

test('the other school asks for the tare too', async () => {
  const onRead = jest.fn();
  render(<Form onRead={onRead} />);
  expect(screen.queryByLabelText(/^Tare/)).not.toBeInTheDocument();
  await userEvent.click(screen.getByRole('radio', { name: 'Gross minus tare' }));
  await userEvent.type(screen.getByLabelText('Gross'), '25-3');
  await userEvent.type(screen.getByLabelText(/^Tare/), '1-8');
  expect(onRead).toHaveBeenLastCalledWith({
    reading: expect.objectContaining({ asRead: poundsOunces(25, 3), tare: poundsOunces(1, 8) }),
  });
});
