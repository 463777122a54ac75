import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { Sheet } from './Sheet.js';

function Page({ keepsDraft = false }: { keepsDraft?: boolean }) {
  const [open, setOpen] = useState(true);
  return (
    <>
      <button type="button" onClick={() => setOpen(true)}>
        Open
      </button>
      <Sheet title="A correction" open={open} onOpenChange={setOpen} keepsDraft={keepsDraft}>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            setOpen(false);
          }}
        >
          <input aria-label="Why" />
          <input type="checkbox" aria-label="Sure" />
          <button type="submit">Keep</button>
        </form>
      </Sheet>
    </>
  );
}
const isOpen = () => screen.queryByRole('dialog') !== null;

test('with nothing typed it closes at once, though something was chosen', async () => {
  render(<Page />);
  await userEvent.click(screen.getByRole('checkbox'));
  await userEvent.keyboard('{Escape}');
  expect(isOpen()).toBe(false);
});

test('what Escape would lose is asked about; writing goes on, or it is closed without it', async () => {
  render(<Page />);
  await userEvent.type(screen.getByLabelText('Why'), 'Misread.');
  await userEvent.keyboard('{Escape}');
  expect(screen.getByRole('alert')).toHaveTextContent('What you typed here is not kept yet.');
  await userEvent.click(screen.getByRole('button', { name: 'Keep writing' }));
  expect(screen.getByLabelText('Why')).toHaveValue('Misread.');
  await userEvent.click(screen.getByRole('button', { name: 'Close' }));
  expect(isOpen()).toBe(true);
  await userEvent.click(screen.getByRole('button', { name: 'Close and discard' }));
  expect(isOpen()).toBe(false);
});

test('what was sent is not lost: opened again, it begins anew', async () => {
  render(<Page />);
  await userEvent.type(screen.getByLabelText('Why'), 'Misread.');
  await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
  expect(isOpen()).toBe(false);
  await userEvent.click(screen.getByRole('button', { name: 'Open' }));
  await userEvent.keyboard('{Escape}');
  expect(isOpen()).toBe(false);
});

test('a draft outlives its sheet, and is not asked about', async () => {
  render(<Page keepsDraft />);
  await userEvent.type(screen.getByLabelText('Why'), 'Windy.');
  await userEvent.keyboard('{Escape}');
  expect(isOpen()).toBe(false);
});
