import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { FIRST_SETTINGS } from '@keeper/contract/preferences';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { poundsOunces } from '@keeper/core/measure/mass';
import { CaptureRow } from './CaptureRow.js';

jest.mock('../data/queries.js', () => ({
  useSettings: () => FIRST_SETTINGS,
}));
jest.mock('../data/rows.js', () => ({ useWaters: () => [{ id: 'w1', name: 'The Mere' }], useKeepers: () => [] }));
jest.mock('./BookPicture.js', () => ({
  BookPicture: ({ picture }: { picture: { sha256: string } }) => <img alt="" src={picture.sha256} />,
}));
const summary: CaptureSummary = {
  origin: 'bank',
  dated: null,
  imported: null,
  straightBack: false,
  heldMs: null,
  restedMs: 0,
  gillBeat: null,
  putForward: [],
  length: null,
  openWounds: [],
  angler: null,
  keeperId: FIRST_KEEPER,
  girthMm: null,
  overScaleGrams: null,
  captureId: 'c1',
  begunAt: null,
  startedAt: '2024-06-06T05:12:00.000Z',
  zone: null,
  outcome: 'released',
  species: 'carp',
  form: 'linear',
  kindName: null,
  waterId: 'w1',
  outingId: null,
  swimId: null,
  net: poundsOunces(23, 11),
  netGrams: 10_744,
  weighing: null,
  lengthMm: null,
  guessGrams: null,
  fightMs: 300_000,
  airMs: 40_000,
  longestAirMs: 40_000,
  elapsedMs: 400_000,
  airComplete: true,
  spells: [{ medium: 'water', fromMs: 0, toMs: 400_000 }],
  marks: [],
  pictures: [],
  amendmentCount: 0,
  writtenUp: true,
  hookEnd: 'out',
  leaving: 'strong',
  woundCount: 0,
  waterC: 16,
  fishId: null,
  hookHold: null,
  rod: null,
  loss: null,
  predatorNear: false,
  notSameAs: [],
};

function row(change: Partial<CaptureSummary>, to?: string) {
  render(
    <MemoryRouter>
      <ul>
        <CaptureRow capture={{ ...summary, ...change }} {...(to && { to })} />
      </ul>
    </MemoryRouter>,
  );
  return screen.getByRole('listitem');
}

test('says what it was, where, and what it weighed; leads to its page', () => {
  const line = row({});
  expect(line).toHaveTextContent('Linear carp');
  expect(line).toHaveTextContent('The Mere');
  expect(line).toHaveTextContent('23 lb 11 oz');
  expect(screen.getByRole('link')).toHaveAttribute('href', '/book/c1');
  expect(screen.getByRole('img')).toHaveAccessibleName(/never out of the water/);
});

test('its first picture stands for it', () => {
  const of = (sha256: string) => ({ sha256, role: null, view: null });
  const line = row({ pictures: [of('laid'), of('other')] });
  expect(line.querySelectorAll('img[src="laid"]')).toHaveLength(1);
  expect(line.querySelectorAll('img[src="other"]')).toHaveLength(0);
});

test('a weight read in kilograms stands as read, with the keeper’s own unit beside it', () => {
  expect(row({ net: { unit: 'g', count: 10_000 } })).toHaveTextContent('10.00 kg22 lb 0 oz');
});

test('what is not known is said so, and invented nowhere', () => {
  const line = row({ species: null, form: null, net: null, netGrams: null, waterId: 'elsewhere' }, '/write-up/c1');
  expect(line).toHaveTextContent('Species not noted');
  expect(line).toHaveTextContent('not weighed');
  expect(screen.getByRole('link')).toHaveAttribute('href', '/write-up/c1');
});

test('a lost fish is in the book as lost', () => {
  const line = row({ outcome: 'lost', species: null, form: null, net: null });
  expect(line).toHaveTextContent('Lost fish');
  expect(line).toHaveTextContent('got off');
  expect(line).not.toHaveTextContent('not weighed');
});
