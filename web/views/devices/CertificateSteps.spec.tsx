import '@testing-library/jest-dom';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { CertificateSteps } from './CertificateSteps.js';

const DAY_MS = 24 * 3600_000;

async function steps(offMs: number) {
  // HTTP dates are of whole seconds.
  const there = new Date(Math.floor(Date.now() / 1000) * 1000 - offMs).toUTCString();
  const answered = Promise.resolve({ headers: new Headers({ date: there }) });
  globalThis.fetch = jest.fn(() => answered) as unknown as typeof fetch;
  render(
    <QueryClientProvider client={new QueryClient()}>
      <CertificateSteps />
    </QueryClientProvider>,
  );
  await answered;
}

test.each([
  [5 * DAY_MS, /off by about 5 days/],
  [-5 * DAY_MS, /off by about 5 days/],
  [DAY_MS + 1000, /off by about a day/],
])('a clock that is off by %i ms is said to be', async (offMs, sentence) => {
  await steps(offMs);
  expect(await screen.findByText(sentence)).toBeVisible();
});

test('one that is off by less does no harm', async () => {
  await steps(DAY_MS - 5000);
  expect(await screen.findByRole('link', { name: 'Get the certificate' })).toBeVisible();
  expect(screen.queryByText(/off by about/)).not.toBeInTheDocument();
});

test('the steps of the phone at hand stand open', async () => {
  jest.spyOn(navigator, 'userAgent', 'get').mockReturnValue('Mozilla/5.0 (Linux; Android 15) Mobile');
  await steps(0);
  expect(await screen.findByText(/Pick the file/)).toBeVisible();
  expect(screen.getByText(/Certificate trust settings/)).not.toBeVisible();
});
