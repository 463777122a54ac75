import '@testing-library/jest-dom';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { Unread } from './Unread.js';

let ask: () => Promise<unknown>;
jest.mock('../data/api.js', () => ({ ask: () => ask() }));
jest.mock('../data/useCapture.js', () => ({ useOutbox: () => ({ rows: [] }) }));

function list(kept?: readonly object[]) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  if (kept) client.setQueryData(['kit'], kept);
  render(
    <QueryClientProvider client={client}>
      <Unread kind="kit" />
    </QueryClientProvider>,
  );
}

test('a list that was never read and cannot be read is not said to be empty', async () => {
  ask = () => Promise.reject(new Error('away'));
  list();
  expect(await screen.findByRole('status')).toHaveTextContent('The book cannot be reached from here');
});

test('one that was read before says nothing, though the server cannot be reached; nor does an empty one that was read', async () => {
  ask = () => Promise.reject(new Error('away'));
  list([{ id: 'a' }]);
  ask = () => Promise.resolve([]);
  list();
  await new Promise((resolve) => setTimeout(resolve));
  expect(screen.queryByRole('status')).not.toBeInTheDocument();
});
