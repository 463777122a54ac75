import '@testing-library/jest-dom';
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import type { RunContextInput } from '@keeper/core/care/run/runContext';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { replay } from '@keeper/core/domain/capture/replay';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { CAPTURE, event } from '@keeper/core/spec/events';
import { runAfter } from '@keeper/core/spec/runContexts';
import { DEFAULT_PRACTICES } from '@keeper/core/domain/practice/bankPractices';
import { Steps } from './Steps.js';

function steps(events: readonly CaptureEvent[], change: Partial<RunContextInput> = {}) {
  const done: string[] = [];
  const lastMs = Math.max(...events.map(({ elapsedMs }) => elapsedMs));
  render(
    <Steps
      state={replay(CAPTURE, events)}
      run={runAfter(events, lastMs + 1000, change)}
      onStep={(step) => done.push(step)}
      onSeen={(sign) => done.push(sign)}
      onSetWeight={() => done.push('weight')}
      onWound={() => done.push('wound')}
      onTreated={(treatment) => done.push(treatment)}
      onCamera={() => done.push('camera')}
      onLost={() => done.push('lost')}
      onStraightBack={() => done.push('straight back')}
      onDied={() => done.push('died')}
    />,
  );
  return done;
}

const names = (scope = screen.getAllByRole('button')) => scope.map((button) => button.textContent);
const inGroup = (name: string) => names(within(screen.getByRole('group', { name })).getAllByRole('button'));
const tap = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const NETTED = [event('hooked', 0), event('netted', 1000)];
const LIFTED = [...NETTED, event('hook-out', 2000), event('lifted', 3000)];

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('the next step comes first, then what is likely; everything else stands in one tap too', () => {
  steps([event('hooked', 0)]);
  expect(names().slice(0, 4)).toEqual(['In the net', 'Hook out', 'Lift', 'Fish lost']);
  expect(inGroup('What you see')).toEqual(['Predator about', 'A small one', 'No net to hand']);
  expect(inGroup('What else can happen')).toContain('Released');
});

test('in the air there is no lifting; pouring, resting, a wound and a fall are at hand', () => {
  steps([...LIFTED, event('weighed', 4000)]);
  expect(names()).not.toContain('Lift');
  expect(names().slice(0, 9)).toEqual([
    ...['Picture', 'Camera', 'Mark a wound', 'Weigh again', 'Poured over it', 'Rest in the water'],
    ...['Hold it upright', 'It dropped', 'Set the weight'],
  ]);
});

test('a wound that was marked can be cleaned, then sealed, where the water allows it', () => {
  const ulcer = { kind: 'ulcer', side: 'left', at: { u: 0.5, v: 0 }, sizeMm: 20 } as const;
  const marked = [...LIFTED, event('wound-noted', 4000, { wound: ulcer })];
  const done = steps(marked);
  tap('Cleaned');
  expect(done).toEqual(['antiseptic']);
  cleanup();
  steps([...marked, event('treated', 5000, { with: 'antiseptic' })]);
  expect(names()).toContain('Sealed');
  cleanup();
  const rules = { ...NO_RULES, treatments: 'forbidden' } as const;
  steps(marked, { water: { name: 'Mere', rules, altitudeM: 60, salinity: 0 } });
  expect(names()).not.toContain('Cleaned');
});

test('in the net it can go straight back; without a net it is taken in hand', () => {
  const done = steps([event('hooked', 0), event('netted', 1000)]);
  tap('Straight back');
  expect(done).toEqual(['straight back']);
  cleanup();
  steps([event('hooked', 0), event('seen', 500, { sign: 'no-net' })]);
  expect(names()[0]).toBe('In hand');
});

test('pictured in the water, by that school, with the camera at hand and no lift', () => {
  const schools = { ...DEFAULT_PRACTICES, pictureAt: 'water' } as const;
  steps([event('hooked', 0), event('netted', 1000), event('hook-out', 2000)], { schools });
  expect(names().slice(0, 2)).toEqual(['Picture', 'Camera']);
});

test('a weight that was read is not asked for again', () => {
  const weight = { asRead: { unit: 'oz', count: 160 }, method: 'zeroed' } as const;
  steps([...LIFTED, event('weighed', 4000), event('reading-taken', 5000, { weight })]);
  expect(names()).not.toContain('Set the weight');
});

test('what is seen changes what comes next, and is not offered twice', () => {
  const done = steps([...NETTED, event('seen', 1500, { sign: 'thrashing' })]);
  expect(names()[0]).toBe('It lies calm');
  expect(inGroup('What you see')).not.toContain('It is thrashing');
  tap('It lies calm');
  expect(done).toEqual(['calm']);
});

test('of two people each is told a part', () => {
  steps(NETTED, { conditions: { companions: 1 } });
  expect(names()[0]).toBe('Hook outYou: the hook. Helper: the net, fish in the water.');
});

test('a second tap within the blink of a wet thumb is no step; a later one is', () => {
  const done = steps([event('hooked', 0)]);
  tap('In the net');
  tap('In the net');
  tap('Fish lost');
  expect(done).toEqual(['netted']);
  expect(screen.getByRole('group', { name: 'Steps' })).toHaveAttribute('aria-disabled', 'true');
  act(() => jest.advanceTimersByTime(500));
  expect(screen.getByRole('group', { name: 'Steps' })).not.toHaveAttribute('aria-disabled');
  tap('Lift');
  expect(done).toEqual(['netted', 'lifted']);
});

test('a fish that does not recover is said so in one tap, not released', () => {
  const done = steps([...LIFTED, event('held', 5000)]);
  tap('It did not recover');
  expect(done).toEqual(['died']);
});

test('off the rig with the hook in stands at hand only where it is unhooked on the mat, and leaves the hook open', () => {
  const onMat = { schools: { ...DEFAULT_PRACTICES, unhook: 'mat' } } as const;
  steps(NETTED, onMat);
  expect(names().slice(0, 2)).toEqual(['Lift', 'Off the rig, hook in']);
  cleanup();
  steps([...NETTED, event('off-rig', 2000)], onMat);
  expect(names()).toContain('Hook out');
  expect(names()).not.toContain('Off the rig, hook in');
  cleanup();
  steps(NETTED);
  expect(inGroup('What else can happen')).toContain('Off the rig, hook in');
});
