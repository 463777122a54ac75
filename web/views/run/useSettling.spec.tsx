import { act, fireEvent, render, screen } from '@testing-library/react';
import { useSettling } from './useSettling.js';

const done: string[] = [];
let rendered: ReturnType<typeof render>;

function Controls({ meaning = 'net' }: { meaning?: string }) {
  const { within, tapped } = useSettling(meaning);
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
  rendered = render(<Controls />);
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
  act(() => jest.advanceTimersByTime(500));
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

test('a control that has come to mean something else takes no tap for half a second, whoever changed it', () => {
  rendered.rerender(<Controls meaning="lift" />);
  fireEvent.click(control('lift'));
  act(() => jest.advanceTimersByTime(499));
  fireEvent.click(control('lift'));
  expect(done).toEqual([]);
  act(() => jest.advanceTimersByTime(1));
  fireEvent.click(control('lift'));
  expect(done).toEqual(['lift']);
});

test('a thumb that lay on it when it changed taps nothing, however late it is lifted', () => {
  fireEvent.touchStart(control('net'), touch(10));
  rendered.rerender(<Controls meaning="lift" />);
  act(() => jest.advanceTimersByTime(600));
  fireEvent.touchEnd(control('net'), touch(10));
  expect(done).toEqual([]);
});
