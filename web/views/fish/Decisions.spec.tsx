import { fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import type { IdentityDecision } from '@keeper/core/domain/identity/identityDecision';
import { Decisions } from './Decisions.js';

const MOSS = 'moss';
const by = { sha256: 'a'.repeat(64), captureId: 'b', otherSha: 'b'.repeat(64), score: 0.7, probability: 0.97 };
const said = (eventId: string, captureId: string, more: Partial<IdentityDecision> = {}): IdentityDecision => ({
  eventId,
  captureId,
  says: 'same',
  fishId: MOSS,
  at: '2026-05-02T08:00:00Z',
  takenBackAt: null,
  ...more,
});
let decisions: readonly IdentityDecision[] | undefined;
const undone: unknown[] = [];

jest.mock('../../data/known.js', () => ({
  useDecisions: () => decisions,
  useRegister: () => ({
    fish: [
      {
        fishId: 'moss',
        captures: [
          { captureId: 'a', startedAt: '2026-04-01T06:00:00Z', begunAt: null },
          { captureId: 'b', startedAt: '2026-05-01T06:00:00Z' },
        ],
      },
    ],
    nameOf: () => 'Penny',
  }),
}));
jest.mock('../../data/useCaptureStates.js', () => ({
  useCaptureStates: (ids: readonly string[]) =>
    ids.filter((id) => id === 'gone').map((captureId) => ({ captureId, startedAt: '2026-03-09T06:00:00Z' })),
}));
jest.mock('../../data/record.js', () => ({
  makeEvent: (captureId: string, _at: unknown, _type: string, payload: { eventId: string }) => [
    captureId,
    payload.eventId,
  ],
  record: (events: readonly unknown[]) => undone.push(...events),
}));

const shown = () => {
  render(
    <MemoryRouter>
      <Decisions fishId={MOSS} />
    </MemoryRouter>,
  );
  return screen.queryAllByRole('listitem').map((item) => item.textContent);
};

test('each is said in a sentence with its day and what spoke for it', () => {
  decisions = [
    said('1', 'a', { says: 'new' }),
    said('2', 'b', { by }),
    said('3', 'b', { says: 'different', fishId: null, by }),
    said('4', 'a', { says: 'unsure', fishId: null }),
    said('5', 'b', { fishId: 'other' }),
  ];
  expect(shown()).toEqual([
    expect.stringMatching(/^The catch of 1 May 2026 is Penny\./),
    expect.stringMatching(/^The catch of 1 April 2026 was left open\./),
    expect.stringMatching(/^The catch of 1 May 2026 is another fish than the catch of 1 May 2026\./),
    expect.stringMatching(/^The catch of 1 May 2026 is this fish\.The flanks: 97 %\./),
    expect.stringMatching(/^The catch of 1 April 2026 began this fish\./),
  ]);
});

test('what was decided in one go is taken back in one go; what was taken back stands with its day', () => {
  const why = '“Penny” is this fish: “Old Moss”';
  decisions = [
    said('1', 'a', { takenBackAt: '2026-05-09T08:00:00Z' }),
    said('2', 'a', { decisionId: 'merge', why }),
    said('3', 'b', { decisionId: 'merge', why }),
  ];
  shown();
  const [merge, old] = screen.getAllByRole('listitem');
  expect(merge?.textContent).toContain(`${why} (2 catches)`);
  expect(old?.textContent).toContain('Taken back on 9 May 2026.');
  expect(old && within(old).queryByRole('button')).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Take it back' }));
  expect(undone).toEqual([
    ['a', '2'],
    ['b', '3'],
  ]);
});

test('away from the server it says so', () => {
  decisions = undefined;
  shown();
  expect(screen.getByText(/which cannot be reached/)).toBeTruthy();
});

test('a catch that is no longer of any fish has its day all the same, one that has not come is of another day', () => {
  const takenBackAt = '2026-05-09T08:00:00Z';
  decisions = [said('1', 'gone', { by, takenBackAt }), said('2', 'not come', { takenBackAt })];
  expect(shown()).toEqual([
    expect.stringMatching(/^The catch of another day is this fish\./),
    expect.stringMatching(/^The catch of 9 March 2026 is this fish\..*Taken back on 9 May 2026\.$/),
  ]);
});
