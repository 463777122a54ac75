import { fireEvent, render, screen } from '@testing-library/react';
import type { Answer, PossibleMatch } from '../../workers/whoIsThis.js';
import { Candidates } from './Candidates.js';

const mayBe = (sha256: string, probability: number) =>
  ({ flank: { sha256, captureId: sha256, startedAt: '2026-05-01T06:00:00Z' }, probability }) as PossibleMatch;
const chosen: number[] = [];

function listed(likely: readonly number[], stranger: number) {
  const answer: Answer = { mayBe: likely.map((p, i) => mayBe(`fish ${i}`, p)), stranger, known: 9, seen: 1 };
  const nameOf = ({ flank }: PossibleMatch) => ('sha256' in flank ? flank.sha256 : '');
  const { unmount } = render(
    <Candidates answer={answer} nameOf={nameOf} chosen={0} onChoose={(at) => chosen.push(at)} />,
  );
  return { unmount, rows: screen.queryAllByRole('listitem').map((row) => row.textContent) };
}

test('the likeliest stand first, a stranger where it is likelier than all', () => {
  const one = listed([0.7, 0.2], 0.1);
  expect(one.rows).toEqual(['fish 070 %', 'fish 120 %', 'None of them10 %']);
  one.unmount();
  expect(listed([0.3], 0.7).rows).toEqual(['None of them70 %', 'fish 030 %']);
});

test('what is less likely than one in a hundred waits until it is asked for; the best of them is always there', () => {
  expect(listed([0.004, 0.003, 0.001], 0.99).rows).toEqual(['None of them99 %', 'fish 0under 1 %']);
  fireEvent.click(screen.getByRole('button', { name: '2 more, each under 1 %' }));
  expect(screen.getAllByRole('listitem')).toHaveLength(4);
  fireEvent.click(screen.getByRole('button', { name: /fish 2/ }));
  expect(chosen).toEqual([2]);
});

test('of an empty book nothing is listed', () => {
  expect(listed([], 1).rows).toEqual([]);
});
