import { act, fireEvent, render, screen } from '@testing-library/react';
import { useEffect, useState } from 'react';
import type { AlertWay } from '../../data/devicePreferences.js';
import { useSelfTake } from './useSelfTake.js';

let way: AlertWay = 'vibrate';
let light = 'day';
const sounded: number[] = [];
jest.mock('../../data/devicePreferences.js', () => ({ useDevicePreference: () => way }));
jest.mock('../../app/theme.js', () => ({ useTheme: () => light }));
jest.mock('./soundTones.js', () => ({ soundTones: (count: number) => sounded.push(count) }));

let taken = 0;
/** Drawn anew twenty times a second, as a phone does whose motion is followed. */
function Camera() {
  const [, draw] = useState(0);
  useEffect(() => {
    const moving = setInterval(() => draw((n) => n + 1), 50);
    return () => clearInterval(moving);
  }, []);
  const { left, begin } = useSelfTake(() => (taken += 1));
  return <button onClick={begin}>{left ?? 'begin'}</button>;
}

beforeEach(() => {
  jest.useFakeTimers();
  taken = 0;
});
afterEach(() => jest.useRealTimers());

test('the countdown ends after five seconds, though the page is drawn anew all the time', () => {
  const buzzed: unknown[] = [];
  Object.defineProperty(navigator, 'vibrate', { configurable: true, value: (ms: unknown) => buzzed.push(ms) });
  render(<Camera />);
  fireEvent.click(screen.getByRole('button'));
  const wait = (times: number) => {
    for (let i = 0; i < times; i += 1) act(() => jest.advanceTimersByTime(50));
  };
  wait(99);
  expect(screen.getByRole('button').textContent).toBe('1');
  expect(taken).toBe(0);
  wait(1);
  expect(taken).toBe(1);
  expect(buzzed).toHaveLength(5);
  wait(200);
  expect(taken).toBe(1);
});

test.each([
  ['vibrate', 'day', 5],
  ['sound', 'day', 5],
  ['silent', 'day', 0],
  ['sound', 'night', 0],
] as const)('set to %s by %s it counts aloud %d times', (set, by, times) => {
  [way, light] = [set, by];
  sounded.length = 0;
  render(<Camera />);
  fireEvent.click(screen.getByRole('button'));
  for (let i = 0; i < 100; i += 1) act(() => jest.advanceTimersByTime(50));
  expect(taken).toBe(1);
  expect(sounded).toHaveLength(times);
});
