import { event } from '../../spec/events.js';
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

test('a species said on the bank is a tap; what is written after the release is not', () => {
  const said = event('described', 10, { facts: { species: 'carp' } });
  const [hooked, released] = [event('hooked', 0), event('released', 20)];
  expect(lastTap([hooked, said])).toBe(said);
  expect(lastTap([hooked, released, event('described', 30, { facts: { note: 'Windy.' } })])).toBe(released);
});
