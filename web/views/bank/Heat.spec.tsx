import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { HeatClocks, HeatMoment } from '@keeper/core/care/heatForecast';
import type { OutingAssessment } from '@keeper/core/planning/assessOuting';
import { Heat } from './Heat.js';

jest.mock('../../data/useOutingAssessment.js', () => ({ clockBetween: () => (atMs: number) => `${atMs}:00` }));

const moment: HeatMoment = {
  atMs: 6,
  airC: 20,
  waterC: 20,
  matC: 21,
  matWaterKgM2: 0,
  bucketC: 20.5,
  sunAltitudeDeg: 30,
  matShaded: false,
  face: 'up',
};
const cool: HeatClocks = { matWarmMs: null, matBurnsMs: null, matDryMs: null, bucketWarmMs: null };

function heat(now: Partial<HeatMoment>, clocks: Partial<HeatClocks>, soakLastsMs: number | null = null) {
  const deeds: unknown[] = [];
  const assessment = { momentMs: 6, moments: [{ ...moment, ...now }], heat: { ...cool, ...clocks }, soakLastsMs };
  render(
    <Heat assessment={assessment as unknown as OutingAssessment} habit="C" onDeed={(...deed) => deeds.push(deed)} />,
  );
  return deeds;
}

test.each<[string, Partial<HeatMoment>, Partial<HeatClocks>, number | null, RegExp]>([
  ['burns now', { matC: 46 }, { matBurnsMs: 6 }, null, /^The mat is burning hot now, at about 46\.0 °C\./],
  ['too warm now', { matC: 33 }, { matWarmMs: 6 }, null, /too warm for a fish from water at 20\.0 °C/],
  [
    'soaked',
    {},
    { matDryMs: 9, matBurnsMs: 10 },
    null,
    /lasts until about 9:00\. Dry, it is burning hot from about 10:00\./,
  ],
  [
    'will burn',
    {},
    { matBurnsMs: 11 },
    2_700_000,
    /face up, the mat will be burning hot from about 11:00\. One soaking then lasts about 45 min/,
  ],
  [
    'will be warm',
    { face: 'down' },
    { matWarmMs: 12 },
    null,
    /Lying face down, the mat is too warm for a fish from about 12:00/,
  ],
  ['stays cool', {}, {}, null, /the mat stays cool enough/],
])('the mat %s', (_, now, clocks, lasts, sentence) => {
  heat(now, clocks, lasts);
  expect(screen.getByText(sentence)).toBeVisible();
});

test.each<[string, Partial<HeatMoment>, Partial<HeatClocks>, RegExp]>([
  [
    'wants changing now',
    { bucketC: 23.4 },
    { bucketWarmMs: 6 },
    /^Change the bucket: it is at about 23\.4 °C against 20\.0 °C/,
  ],
  ['wants changing by one', {}, { bucketWarmMs: 13 }, /^Change the bucket by 13:00/],
  ['stays cool', {}, {}, /^The bucket stays near the lake/],
])('the bucket %s', (_, now, clocks, sentence) => {
  heat(now, clocks);
  expect(screen.getByText(sentence)).toBeVisible();
});

test('what was done is one tap, and a mat is turned to its other side', async () => {
  const deeds = heat({ face: 'down' }, {});
  for (const name of ['Soaked', 'Turned face up', 'Bucket changed'])
    await userEvent.click(screen.getByRole('button', { name }));
  expect(deeds).toEqual([['soaked'], ['turned', 'up'], ['bucket-changed']]);
});

test('without a forecast nothing is said of heat', () => {
  const { container } = render(
    <Heat
      assessment={{ momentMs: 6, moments: null, heat: null } as unknown as OutingAssessment}
      habit="C"
      onDeed={() => undefined}
    />,
  );
  expect(container).toBeEmptyDOMElement();
});
