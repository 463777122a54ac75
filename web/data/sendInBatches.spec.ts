import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { ApiError, Unreachable } from './api.js';
import { sendInBatches } from './sendInBatches.js';

const page = (n: number, events = 5) => Array.from({ length: events }, (_, i) => ({ id: `${n}.${i}` }) as CaptureEvent);
const pages = (count: number) => Array.from({ length: count }, (_, n) => page(n));

function server(answers: (() => void)[] = []) {
  const posted: string[][] = [];
  const waited: number[] = [];
  return {
    posted,
    waited,
    post: (events: readonly CaptureEvent[]) => {
      posted.push(events.map(({ id }) => id));
      answers.shift()?.();
      return Promise.resolve();
    },
    wait: (ms: number) => {
      waited.push(ms);
      return Promise.resolve();
    },
  };
}

test('pages go whole, at most 200 events at a time, and how many went is told', async () => {
  const { post, wait, posted } = server();
  const sent: number[] = [];
  expect(await sendInBatches(pages(81), { onSent: (n) => sent.push(n), isStopped: () => false, post, wait })).toBe(
    true,
  );
  expect(posted.map((ids) => ids.length)).toEqual([200, 200, 5]);
  expect(sent).toEqual([40, 80, 81]);
});

test('a server that cannot be reached is asked again with the same, after longer and longer', async () => {
  const away = () => {
    throw new Unreachable('away');
  };
  const { post, wait, posted, waited } = server(Array.from({ length: 7 }, () => away));
  await sendInBatches(pages(1), { onSent: () => undefined, isStopped: () => false, post, wait });
  expect(new Set(posted.map(String)).size).toBe(1);
  expect(posted).toHaveLength(8);
  expect(waited).toEqual([500, 1000, 2000, 4000, 8000, 15_000, 15_000]);
});

test('what the server will not have is said at once; what was stopped goes no further', async () => {
  const refuse = () => {
    throw new ApiError(400, { code: 'not-valid', sentence: 'No.' });
  };
  const refused = server([refuse]);
  await expect(
    sendInBatches(pages(1), { onSent: () => undefined, isStopped: () => false, ...refused }),
  ).rejects.toThrow('No.');
  expect(refused.posted).toHaveLength(1);
  const stopped = server();
  // Three are on their way when it is stopped.
  expect(
    await sendInBatches(pages(241), {
      onSent: () => undefined,
      isStopped: () => stopped.posted.length > 2,
      ...stopped,
    }),
  ).toBe(false);
  expect(stopped.posted).toHaveLength(3);
});
