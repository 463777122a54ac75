import { act, fireEvent, render, screen } from '@testing-library/react';
import { useSettling } from './useSettling.js';

const done: string[] = [];

function Controls() {
  const { within, tapped } = useSettling();
  return (
    <div ref={within} data-testid="within">
      <button {...tapped(() => done.push('net'))}>net</button>
      <button {...tapped(() => done.push('lift'))}>lift</button>
    </div>
  );
}

const touch = (x: number) => ({ touches: [{ clientX: x, clientY: 0 }], changedTouches: [{ clientX: x, clientY: 0 }] });
const control = (name: string) => screen.getByRole('button', { name });

beforeEach(() => {
  jest.useFakeTimers();
  done.length = 0;
  render(<Controls />);
});
afterEach(() => jest.useRealTimers());

test('a touch counts when it ends, and the click that a browser makes of it does not', () => {
  fireEvent.touchStart(control('net'), touch(10));
  expect(control('net').dataset['felt']).toBe('');
  expect(done).toEqual([]);
  const prevented = !fireEvent.touchEnd(control('net'), touch(12));
  fireEvent.click(control('lift'));
  expect([prevented, done]).toEqual([true, ['net']]);
  expect(screen.getByTestId('within').getAttribute('aria-disabled')).toBe('true');
  act(() => jest.advanceTimersByTime(400));
  expect(control('net').dataset['felt']).toBeUndefined();
  fireEvent.click(control('lift'));
  expect(done).toEqual(['net', 'lift']);
});

test('a thumb that scrolls taps nothing', () => {
  fireEvent.touchStart(control('net'), touch(10));
  fireEvent.touchEnd(control('net'), touch(60));
  fireEvent.touchStart(control('lift'), touch(10));
  fireEvent.touchCancel(control('lift'));
  fireEvent.touchEnd(control('lift'), { changedTouches: [] });
  expect(done).toEqual([]);
  expect(control('net').dataset['felt']).toBeUndefined();
});

test('by keyboard a click is a tap', () => {
  fireEvent.click(control('lift'));
  expect(done).toEqual(['lift']);
});
