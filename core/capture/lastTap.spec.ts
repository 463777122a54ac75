import { event } from '../spec/events.js';
import { lastTap } from './lastTap.js';

test('undo takes back one tap after the other, and stops at the take', () => {
  const [hooked, netted, lifted] = [event('hooked', 0), event('netted', 10), event('lifted', 20)];
  const log = [hooked, netted, lifted];
  expect(lastTap(log)).toBe(lifted);
  log.push(event('undone', 30, { eventId: lifted.id }));
  expect(lastTap(log)).toBe(netted);
  log.push(event('undone', 40, { eventId: netted.id }));
  expect(lastTap(log)).toBeUndefined();
});
