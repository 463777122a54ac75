import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { WriteSwimDto } from '@keeper/contract/swims';
import { RowForm } from './RowForm.js';
import { TextField } from './TextField.js';
import { useRowForm } from './useRowForm.js';

const written: unknown[] = [];
let room = true;
jest.mock('../data/record.js', () => ({
  writeRow: (...row: unknown[]) => {
    if (!room) return Promise.reject(new Error('full'));
    written.push(row);
    return Promise.resolve();
  },
}));
beforeEach(() => {
  written.length = 0;
  room = true;
});

const ID = '01930000-0000-7000-8000-000000000001';
let kept = 0;

/** A form of a swim with nothing but its name and its bearing to fill in. */
function SwimName({ known = false }: { known?: boolean }) {
  const [name, setName] = useState('');
  const [facing, setFacing] = useState('400');
  const form = useRowForm({
    kind: 'swims',
    id: ID,
    contract: WriteSwimDto,
    bodyOf: (retired) => ({
      waterId: ID,
      name,
      facingDeg: Number(facing),
      bank: 'grass',
      hazards: [],
      fixtures: [],
      position: null,
      note: null,
      retired,
      revision: 3,
    }),
    onKept: () => {
      kept += 1;
    },
  });
  return (
    <RowForm title="A swim" form={form} keep="Save this swim" known={known}>
      <TextField label="Its name" value={name} problem={form.at('name')} onChange={setName} />
      <TextField label="Bearing" value={facing} problem={form.at('facingDeg')} onChange={setFacing} />
    </RowForm>
  );
}
const keep = () => userEvent.click(screen.getByRole('button', { name: 'Save this swim' }));

test('nothing is said before it is tried; then each field says what is wrong with it, and keeps what was typed', async () => {
  render(<SwimName />);
  expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  await keep();
  expect(screen.getByLabelText('Its name')).toHaveAccessibleDescription(
    'A swim needs a name that you will know it by.',
  );
  expect(screen.getByLabelText('Bearing')).toHaveAccessibleDescription(/^A bearing runs from 0/);
  expect(screen.getByLabelText('Bearing')).toHaveValue('400');
  expect(written).toEqual([]);
});

test('what is right is kept, and only then does it go on', async () => {
  render(<SwimName />);
  await userEvent.type(screen.getByLabelText('Its name'), 'Alder bay');
  await userEvent.clear(screen.getByLabelText('Bearing'));
  await userEvent.type(screen.getByLabelText('Bearing'), '90');
  const before = kept;
  await keep();
  expect(written).toMatchObject([['swims', ID, { name: 'Alder bay', facingDeg: 90, revision: 3, retired: false }]]);
  expect(kept).toBe(before + 1);
});

test('a device with no room says so, and does not go on', async () => {
  room = false;
  render(<SwimName known />);
  const before = kept;
  await userEvent.click(screen.getByRole('button', { name: 'Archive it' }));
  expect(screen.getByText(/this device may have no room left/)).toBeVisible();
  expect(kept).toBe(before);
});

test('what stands in the book can be archived, though a field is not right', async () => {
  render(<SwimName known />);
  await userEvent.click(screen.getByRole('button', { name: 'Archive it' }));
  expect(written).toMatchObject([['swims', ID, { retired: true }]]);
});
