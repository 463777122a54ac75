/** A failure that nobody waited for would end a server: it fails the test file in which it happened. */
const unhandled: unknown[] = [];
process.on('unhandledRejection', (cause) => unhandled.push(cause));

afterAll(async () => {
  // Rejections are told of once the microtasks are done.
  await new Promise((resolve) => setImmediate(resolve));
  expect(unhandled).toEqual([]);
});
