import { render, screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { Broken, NotHere } from './NotHere.js';

function Breaks(): never {
  throw new Error('a fault');
}

const open = (at: string) =>
  render(
    <RouterProvider
      router={createMemoryRouter(
        [
          { path: '/nowhere', element: <NotHere />, errorElement: <Broken /> },
          { path: '/breaks', element: <Breaks />, errorElement: <Broken /> },
        ],
        { initialEntries: [at] },
      )}
    />,
  );

test('what is not to be found is said so, and is no page of its own within one', () => {
  open('/nowhere');
  expect(screen.getByRole('heading', { name: 'Not found' })).toBeTruthy();
  expect(screen.queryByRole('main')).toBeNull();
});

test('a page that broke says that it did, and that nothing is lost', () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  open('/breaks');
  expect(screen.getByRole('main').textContent).toMatch(/^This page broke.*kept on this device/);
  quiet.mockRestore();
});
