import { RUN_STEPS, canHappen } from '@keeper/core/domain/capture/steps';
import { replay } from '@keeper/core/domain/capture/replay';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { CAPTURE, event } from '@keeper/core/spec/events';
import { runAfter } from '@keeper/core/spec/runContexts';
import { phaseControls } from './phaseControls.js';

const NETTED = [event('hooked', 0), event('netted', 1000)];
const LIFTED = [...NETTED, event('hook-out', 2000), event('lifted', 3000)];
const HELD = [...LIFTED, event('held', 4000)];
const controls = (events: readonly CaptureEvent[]) =>
  phaseControls(replay(CAPTURE, events), runAfter(events, 5000), null);

test.each([
  ['played', [event('hooked', 0)]],
  ['netted', NETTED],
  ['in the air', LIFTED],
  ['held', HELD],
])('%s: every step that can happen is one tap away, each once', (_, events) => {
  const { likely, others } = controls(events);
  const state = replay(CAPTURE, events);
  const possible = RUN_STEPS.filter((step) => step !== 'treated' && canHappen(state, step));
  expect([...likely, ...others].sort()).toEqual([...possible].sort());
});

test('what can be seen follows the phase; of the hook only while it is in', () => {
  expect(controls(NETTED).sights).toContain('hook-deep');
  expect(controls(NETTED).sights).not.toContain('hook-easy');
  expect(controls([...NETTED, event('seen', 1500, { sign: 'hook-deep' })]).sights).toContain('hook-easy');
  expect(controls([...NETTED, event('hook-out', 1500)]).sights.some((sign) => sign.startsWith('hook-'))).toBe(false);
  expect(controls(LIFTED).sights).toEqual(['hangs-upright', 'thrashing', 'bleeding', 'spent']);
});
