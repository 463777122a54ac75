import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { mendableFields, mended } from './mendable.js';

const event = {
  id: 'e1',
  captureId: 'c1',
  deviceId: 'd',
  at: '2026-06-01T05:00:00.000Z',
  elapsedMs: 5,
  type: 'described',
  payload: { facts: { note: 'x', length: { unit: 'mm', count: 9999 }, weight: { asRead: [{ count: 1 }] } } },
} as unknown as CaptureEvent;

test('texts and numbers that were refused can be mended, each with why; what is no field of it cannot', () => {
  const problems = [
    { field: 'events.3.payload.facts.length.count', sentence: 'Too long.' },
    { field: 'events.3.payload.facts.weight', sentence: 'No tare.' },
    { field: 'events.3.payload.facts.nothing', sentence: 'Unknown.' },
    { field: 'events.3.payload.toString', sentence: 'Unknown.' },
    { field: '', sentence: 'Too deep.' },
  ];
  expect(mendableFields(event, problems)).toEqual([
    { path: 'payload.facts.length.count', sentence: 'Too long.', value: 9999 },
  ]);
});

test('a number stays a number, a text a text, and nothing else changes', () => {
  expect(mended(event, 'payload.facts.length.count', '812')).toEqual({
    ...event,
    payload: { facts: { ...(event.payload as { facts: object }).facts, length: { unit: 'mm', count: 812 } } },
  });
  expect(mended(event, 'payload.facts.note', '812')).toMatchObject({ payload: { facts: { note: '812' } } });
  expect(mended(event, 'payload.facts.weight.asRead.0.count', '2,5')).toMatchObject({
    payload: { facts: { weight: { asRead: [{ count: 2.5 }] } } },
  });
  expect(mended(event, 'payload.facts.length.count', 'long')).toBeUndefined();
  expect(mended(event, 'payload.facts.length.count', ' ')).toBeUndefined();
});
