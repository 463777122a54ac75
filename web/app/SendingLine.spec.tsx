import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import '@testing-library/jest-dom';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import type { Access } from '@keeper/contract/access';
import { NotNow, Unreachable } from '../data/api.js';
import type { OutboxState } from '../data/outbox.js';
import { KnownSince } from './KnownSince.js';
import { SendingLine } from './SendingLine.js';
import { TroubleNotice } from './TroubleNotice.js';

let state: OutboxState;
let health: () => Promise<unknown> = () => Promise.resolve({ status: 'well' });
jest.mock('../data/api.js', () => ({ ...jest.requireActual<object>('../data/api.js'), ask: () => health() }));
let mockAccess: Access | undefined;
jest.mock('../data/access.js', () => ({ useAccess: () => mockAccess }));
jest.mock('../data/useCapture.js', () => ({ useOutbox: () => state }));

const held = (...states: ('waiting' | 'sent' | 'refused')[]) =>
  states.map((each, order) => ({
    order,
    state: each,
    event: { id: String(order) },
  })) as unknown as OutboxState['events'];

function line(change: Partial<OutboxState>) {
  state = { loaded: true, events: [], pictures: [], rows: [], trouble: null, ...change };
  render(
    <MemoryRouter>
      <SendingLine />
    </MemoryRouter>,
  );
}

const notice = (at = '/') =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[at]}>
        <TroubleNotice />
      </MemoryRouter>
    </QueryClientProvider>,
  );

test('is quiet when the server has everything', () => {
  line({ events: held('sent', 'sent') });
  expect(screen.queryByRole('status')).not.toBeInTheDocument();
});

test('says what waits, and whether the server can be reached', () => {
  line({ events: held('waiting', 'sent') });
  expect(screen.getByRole('status')).toHaveTextContent('1 entry safe on this device, on the way to the server.');
});

test('says so when the server cannot be reached', () => {
  line({ events: held('waiting', 'waiting'), trouble: { kind: 'unreachable', sentence: 'Away.' } });
  expect(screen.getByRole('status')).toHaveTextContent('2 entries safe on this device, waiting for the server.');
});

test('leads to what was refused', () => {
  line({ events: held('refused') });
  expect(screen.getByRole('link', { name: '1 entry not accepted by the server' })).toHaveAttribute('href', '/settings');
});

test('what keeps the book from being written is said on the page, and what becomes of the entries', () => {
  const trouble = { kind: 'not-now', sentence: 'The book cannot be written: the disk is full.' } as const;
  line({ events: held('waiting'), trouble });
  expect(screen.getByRole('status')).toHaveTextContent('1 entry safe on this device, kept here.');
  notice();
  expect(screen.getByRole('alert')).toHaveTextContent(
    /^The book cannot be written: the disk is full\. What you enter is kept/,
  );
});

test('a server that is away is no trouble of the page', () => {
  line({ events: held('waiting'), trouble: { kind: 'unreachable', sentence: 'Away.' } });
  notice();
  expect(screen.queryByRole('alert')).not.toBeInTheDocument();
});

test('a book that is damaged is said to be, though nothing waits for it', async () => {
  health = () => Promise.reject(new NotNow(503, { code: 'book-damaged', sentence: 'The book is damaged.' }));
  line({});
  notice();
  await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent('The book is damaged.'));
});

test('without a signal it is said how old that is which this device knows', async () => {
  const client = new QueryClient();
  const known = () =>
    render(
      <QueryClientProvider client={client}>
        <KnownSince />
      </QueryClientProvider>,
    );
  health = () => Promise.reject(new Unreachable());
  // It knows nothing yet.
  known();
  await waitFor(() => expect(client.getQueryState(['health'])?.status).toBe('error'));
  expect(screen.queryByText(/No signal/)).not.toBeInTheDocument();
  client.setQueryData(['tally', FIRST_KEEPER], {}, { updatedAt: Date.parse('2026-05-02T06:00:00Z') });
  expect(await screen.findByText(/^No signal\. The book is shown as this device knew it .*2 May/)).toBeVisible();
  // It answers: what it says is said by the notice, and the book is as new as can be.
  health = () => Promise.reject(new NotNow(503, { code: 'disk-full', sentence: 'The disk is full.' }));
  await client.refetchQueries({ queryKey: ['health'] });
  await waitFor(() => expect(screen.queryByText(/No signal/)).not.toBeInTheDocument());
});

const STRANGER: Access = {
  isHere: false,
  isAskedHere: false,
  onMachine: false,
  role: null,
  keeperId: null,
  deviceRowId: null,
  putOut: false,
  hasPassphrase: true,
};

test.each<[string, Partial<Access>, string, boolean]>([
  ['that is not let in', {}, '/', true],
  ['that is being paired', {}, '/pair', false],
  ['that was put out', { putOut: true }, '/', false],
  ['of the keeper', { role: 'keeper' }, '/', false],
])('a device %s is led to where it is paired: %s', (_, change, at, is) => {
  mockAccess = { ...STRANGER, ...change };
  health = () => Promise.resolve({ status: 'well' });
  line({});
  notice(at);
  expect(screen.queryAllByRole('link', { name: 'Pair this device' })).toHaveLength(is ? 1 : 0);
  mockAccess = undefined;
});
