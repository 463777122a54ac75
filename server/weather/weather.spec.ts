import { WeatherController } from './weather.controller.js';
import type { WeatherSource } from './weatherSource.js';

const query = { latitudeDeg: 52, longitudeDeg: 0, from: '2026-06-01T05:00:00.000Z', hours: 1 };
const hour = {
  atMs: Date.parse(query.from),
  airC: 12,
  humidity: 0.7,
  windMs: 3,
  windFromDeg: 250,
  cloudOctas: 4,
  pressureHpa: 1013,
  rainMm: 0,
  thunder: false,
};

test('the forecast is that of the service which was injected, whatever day is asked for', async () => {
  const real: WeatherSource = () => ({ name: 'a real service', forecast: () => Promise.resolve([hour]) });
  const answer = await new WeatherController(real).forecast({ ...query, day: 'heatwave' });
  expect(answer).toEqual({ service: 'a real service', hours: [hour] });
});

test.each([
  [40, true],
  [40.1, false],
])('wind of %d m/s from any service is believed: %s', async (windMs, believed) => {
  const service: WeatherSource = () => ({ name: 'x', forecast: () => Promise.resolve([{ ...hour, windMs }]) });
  const asked = new WeatherController(service).forecast(query).then(
    () => true,
    () => false,
  );
  expect(await asked).toBe(believed);
});
