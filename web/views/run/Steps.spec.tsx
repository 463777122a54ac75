import '@testing-library/jest-dom';
import { act, fireEvent, render, screen } from '@testing-library/react';
import type { CaptureEvent, EventPayloads, EventType } from '@keeper/core/capture/event';
import type { RunStep } from '@keeper/core/capture/steps';
import { tellStory } from '@keeper/core/capture/story';
import { Steps } from './Steps.js';

let ids = 0;
function event<T extends EventType>(type: T, elapsedMs: number, payload?: EventPayloads[T]): CaptureEvent {
  ids += 1;
  const head = {
    id: `e${String(ids).padStart(4, '0')}`,
    captureId: 'c',
    deviceId: 'd',
    at: '2026-06-01T05:00:00.000Z',
  };
  return { ...head, elapsedMs, type, payload: payload ?? {} } as CaptureEvent;
}

function steps(events: readonly CaptureEvent[]) {
  const done: (RunStep | 'lost' | 'weight')[] = [];
  render(
    <Steps
      story={tellStory('c', events)}
      onStep={(step) => done.push(step)}
      onSetWeight={() => done.push('weight')}
      onLost={() => done.push('lost')}
    />,
  );
  return done;
}

const names = () => screen.getAllByRole('button').map((button) => button.textContent);
const tap = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('the next step comes first, then all that can happen now', () => {
  steps([event('hooked', 0)]);
  expect(names()).toEqual(['In the net', 'Hook out', 'Lift', 'Weigh', 'Picture', 'Released', 'Fish lost']);
});

test('in the air there is no lifting, and what was done can be done again', () => {
  steps([event('hooked', 0), event('netted', 1), event('hook-out', 2), event('lifted', 3), event('weighed', 4)]);
  expect(names()).toEqual(['Picture', 'Set the weight', 'Weigh again', 'Back in the water', 'Released', 'Fish lost']);
});

test('a weight that was read is not asked for again', () => {
  const weight = { asRead: { unit: 'oz', count: 160 }, method: 'zeroed' } as const;
  steps([event('hooked', 0), event('lifted', 3), event('weighed', 4), event('reading-taken', 5, { weight })]);
  expect(names()).not.toContain('Set the weight');
});

test('a second tap within the blink of a wet thumb is no step; a later one is', () => {
  const done = steps([event('hooked', 0)]);
  tap('In the net');
  tap('In the net');
  tap('Fish lost');
  expect(done).toEqual(['netted']);
  expect(screen.getByRole('button', { name: 'Lift' })).toHaveAttribute('aria-disabled', 'true');
  act(() => jest.advanceTimersByTime(400));
  tap('Lift');
  expect(done).toEqual(['netted', 'lifted']);
});
