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

test('where the hook held is a tap like another; the rod is put right where it was told', () => {
  const [hooked, out] = [event('hooked', 0), event('hook-out', 10)];
  const held = event('hook-held', 20, { hold: 'lip' });
  expect(lastTap([hooked, out, held])).toBe(held);
  expect(lastTap([hooked, out, event('rod-told', 20, { rod: 1 })])).toBe(out);
});
