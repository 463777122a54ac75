import { Semaphore } from './semaphore.js';

/** Work that ends when it is told to. */
function job() {
  let end = () => {};
  const done = new Promise<void>((resolve) => {
    end = resolve;
  });
  return { done, end: () => end() };
}
const turn = () => new Promise<void>((resolve) => setImmediate(resolve));

test('so many pass at a time, the others in their order, each as one leaves', async () => {
  const gate = new Semaphore(2);
  const jobs = [job(), job(), job(), job()];
  const begun: number[] = [];
  const all = jobs.map(({ done }, i) =>
    gate.through(() => {
      begun.push(i);
      return done;
    }),
  );
  await turn();
  expect(begun).toEqual([0, 1]);
  jobs[1]?.end();
  await turn();
  expect(begun).toEqual([0, 1, 2]);
  jobs[0]?.end();
  jobs[2]?.end();
  await turn();
  expect(begun).toEqual([0, 1, 2, 3]);
  jobs[3]?.end();
  await Promise.all(all);
});

test('a newcomer does not slip in before those who wait', async () => {
  const gate = new Semaphore(1);
  const first = job();
  const order: string[] = [];
  const a = gate.through(() => first.done);
  const b = gate.through(async () => {
    order.push('waited');
    await turn();
  });
  first.end();
  await a;
  const c = gate.through(() => {
    order.push('newcomer');
    return Promise.resolve();
  });
  await Promise.all([b, c]);
  expect(order).toEqual(['waited', 'newcomer']);
});

test('work that fails frees its place and says why', async () => {
  const gate = new Semaphore(1);
  await expect(gate.through(() => Promise.reject(new Error('torn')))).rejects.toThrow('torn');
  await expect(gate.through(() => Promise.resolve('next'))).resolves.toBe('next');
});
