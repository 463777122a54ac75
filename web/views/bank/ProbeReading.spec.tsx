import '@testing-library/jest-dom';
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ProbeEvents, WaterProbe } from '@keeper/core/weather/probe';
import { writeProbePacket } from '@keeper/core/weather/probeTemperature';
import { ProbeReading } from './ProbeReading.js';

let probe: WaterProbe;
jest.mock('../../data/probe.js', () => ({
  simulatedProbe: () => probe,
  bluetoothProbe: () => probe,
  canUseBluetooth: () => false,
}));

/** A probe in the test's hand. */
function inHand() {
  let events: ProbeEvents | undefined;
  let letGo = 0;
  probe = {
    name: 'probe in hand',
    connect: (given) => {
      events = given;
      return Promise.resolve(() => (letGo += 1));
    },
  };
  const send = (tempC: number) => act(() => events?.onPacket(writeProbePacket(tempC)));
  return {
    send,
    raw: (packet: DataView) => act(() => events?.onPacket(packet)),
    gone: (why: string) => act(() => events?.onGone(why)),
    letGo: () => letGo,
  };
}

async function listening() {
  const taken: number[] = [];
  const shown = render(<ProbeReading habit="C" atMs={0} position={null} onTaken={(tempC) => taken.push(tempC)} />);
  await userEvent.click(screen.getByRole('button', { name: 'Use the simulated probe' }));
  return { taken, ...shown };
}

test('a reading can be taken once it has settled, and the probe is let go', async () => {
  const hand = inHand();
  const { taken } = await listening();
  hand.send(24);
  expect(screen.getByRole('status')).toHaveTextContent('24.0 °C settling');
  expect(screen.getByRole('button', { name: 'Take this reading' })).toBeDisabled();
  for (let i = 0; i < 5; i += 1) hand.send(18.42);
  expect(screen.getByRole('status')).toHaveTextContent('18.4 °C settled');
  await userEvent.click(screen.getByRole('button', { name: 'Take this reading' }));
  expect(taken).toEqual([18.4]);
  expect(hand.letGo()).toBe(1);
});

test('what has settled can be taken while the probe flickers, and no more when it moves off', async () => {
  const hand = inHand();
  const { taken } = await listening();
  for (let i = 0; i < 6; i += 1) hand.send(18.42);
  hand.send(18.61);
  expect(screen.getByRole('status')).toHaveTextContent('18.4 °C settled');
  hand.send(19.4);
  expect(screen.getByRole('button', { name: 'Take this reading' })).toBeDisabled();
  for (let i = 0; i < 6; i += 1) hand.send(19.4);
  await userEvent.click(screen.getByRole('button', { name: 'Take this reading' }));
  expect(taken).toEqual([19.4]);
});

test('a malformed packet ends it, with the way by hand', async () => {
  const hand = inHand();
  const { taken } = await listening();
  hand.send(18);
  hand.raw(new DataView(new ArrayBuffer(1)));
  expect(screen.getByRole('alert')).toHaveTextContent(
    '1 bytes where 2 belong. Read a thermometer and enter it by hand.',
  );
  hand.send(18);
  expect(screen.queryByRole('status')).not.toBeInTheDocument();
  expect(taken).toEqual([]);
  expect(hand.letGo()).toBe(1);
});

test('a probe that goes away says why, and can be tried again', async () => {
  const hand = inHand();
  await listening();
  hand.gone('Out of reach.');
  expect(screen.getByRole('alert')).toHaveTextContent('Out of reach. Read a thermometer');
  expect(screen.getByRole('button', { name: 'Use the simulated probe' })).toBeVisible();
});

test('one that cannot be reached says so', async () => {
  probe = { name: 'no probe', connect: () => Promise.reject(new Error('No probe answers.')) };
  await listening();
  expect(await screen.findByRole('alert')).toHaveTextContent('No probe answers. Read a thermometer');
});

test('leaving the page lets the probe go', async () => {
  const hand = inHand();
  const { unmount } = await listening();
  hand.send(18);
  unmount();
  expect(hand.letGo()).toBe(1);
});
