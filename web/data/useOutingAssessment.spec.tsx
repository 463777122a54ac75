import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import 'fake-indexeddb/auto';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { replayOuting } from '@keeper/core/domain/outing/outingState';
import { outbox } from './deviceOutbox.js';
import type * as storeModule from './deviceStore.js';
import type * as outboxModule from './outbox.js';
import { useBank } from './useOutingAssessment.js';

let mockAssessed = 0;
jest.mock('@keeper/core/planning/assessOuting', () => ({
  assessAhead: () => {
    mockAssessed += 1;
    return { items: [] };
  },
}));
jest.mock('./deviceOutbox.js', () => {
  const { Outbox } = jest.requireActual<typeof outboxModule>('./outbox.js');
  const { openDeviceStore } = jest.requireActual<typeof storeModule>('./deviceStore.js');
  const sent = () => Promise.resolve();
  return {
    outbox: new Outbox(openDeviceStore('assessment'), {
      sendEvents: sent,
      sendPicture: sent,
      sendRow: sent,
      verdictOn: () => ({ kind: 'skip', problem: '' }),
      alone: (work) => work(),
      soon: (work) => work(),
      nowMs: () => 0,
      wait: sent,
    }),
  };
});

const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
const wrapper = ({ children }: { children: ReactNode }) => (
  <QueryClientProvider client={client}>{children}</QueryClientProvider>
);

test('a tap that is kept and sent does not work out the hours ahead again', async () => {
  client.setQueryData(['waters'], [{ id: 'mere', name: 'The Mere', position: null, retired: false, revision: 1 }]);
  client.setQueryData(['settings', FIRST_KEEPER], FIRST_SETTINGS);
  client.setQueryData(['tally', FIRST_KEEPER], { bySpecies: [] });
  for (const kind of ['swims', 'kit', 'rigs']) client.setQueryData([kind], []);
  await outbox.load();
  const at = '2026-06-01T05:00:00.000Z';
  const planned = { waterId: 'mere', fromAt: at, toAt: at, companions: 0, expected: [] };
  const outing = () =>
    replayOuting('o1', [{ id: 'e1', outingId: 'o1', deviceId: 'd', at, type: 'outing-planned', payload: planned }]);
  const { result, rerender } = renderHook(({ state }) => useBank(state), {
    wrapper,
    initialProps: { state: outing() },
  });
  await waitFor(() => expect(result.current.assessment).not.toBeNull());
  expect(mockAssessed).toBe(1);
  const tap = {
    id: 't1',
    captureId: 'c1',
    deviceId: 'd',
    at,
    elapsedMs: 1,
    type: 'netted',
    payload: {},
  } as CaptureEvent;
  await act(async () => {
    await outbox.append([tap]);
    await outbox.idle();
    await outbox.load();
  });
  rerender({ state: outing() });
  expect(outbox.snapshot().events).toMatchObject([{ state: 'sent' }]);
  expect(mockAssessed).toBe(1);
});
