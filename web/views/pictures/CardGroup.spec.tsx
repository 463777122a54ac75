import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { PicturedFish } from '@keeper/contract/pictured';
import { MemoryRouter } from 'react-router';
import type { CardFile } from '../../data/card.js';
import { CardGroup, NEW_PAGE, type Putting } from './CardGroup.js';
import { nearestFish } from './nearestFish.js';

jest.mock('../../data/pictureBytes.js', () => ({ addressOf: () => 'blob:x' }));
jest.mock('../../parts/Picker.js', () => ({ Picker: () => null }));

const file = (sha256: string, takenMs: number | null) =>
  ({ sha256, name: `${sha256}.jpg`, takenMs, thumb: new Blob([]) }) as CardFile;

function group(files: readonly CardFile[], needsDay: boolean) {
  const puts: Putting[] = [];
  const shown = (more: readonly CardFile[]) => (
    <MemoryRouter>
      <CardGroup
        needsDay={needsDay}
        files={more}
        fish={[]}
        why={'Why.'}
        busy={false}
        onAway={() => undefined}
        group={{ captureId: null, perhaps: 0, pictures: more }}
        onPut={(putting) => puts.push(putting)}
      />
    </MemoryRouter>
  );
  const { rerender } = render(shown(files));
  return { puts, comes: (more: readonly CardFile[]) => rerender(shown(more)) };
}

test('of a lot without dates nothing is chosen until it is, whatever comes in meanwhile, and a day is asked for', async () => {
  const { puts, comes } = group([file('a', null)], true);
  comes(['a', 'b', 'c'].map((name) => file(name, null)));
  expect(screen.getByRole('button', { name: 'Start a page for it' })).toBeDisabled();
  await userEvent.click(screen.getByRole('checkbox', { name: 'a.jpg' }));
  await userEvent.click(screen.getByRole('checkbox', { name: 'c.jpg' }));
  await userEvent.click(screen.getByRole('button', { name: 'A page for each of the 2' }));
  expect(screen.getByRole('alert')).toHaveTextContent('Say the day');
  expect(puts).toEqual([]);
  await userEvent.type(screen.getByLabelText('The day they were taken'), '2019-05-04');
  await userEvent.click(screen.getByRole('button', { name: 'A page for each of the 2' }));
  expect(puts).toMatchObject([{ to: NEW_PAGE, each: true, saidMs: new Date(2019, 4, 4, 12).getTime() }]);
  expect(puts[0]?.pictures.map(({ sha256 }) => sha256)).toEqual(['a', 'c']);
});

test('of a group that its dates hold together all are meant but those that are left out', async () => {
  const { puts } = group([file('a', 1), file('b', 2), file('c', 3)], false);
  await userEvent.click(screen.getByRole('checkbox', { name: 'b.jpg' }));
  await userEvent.click(screen.getByRole('button', { name: 'One page for these 2' }));
  expect(puts).toMatchObject([{ each: false }]);
  expect(puts[0]?.pictures.map(({ sha256 }) => sha256)).toEqual(['a', 'c']);
  expect(puts[0]).not.toHaveProperty('saidMs');
});

test.each([
  [500, 250],
  [500, 250.5],
  [500, -10],
  [500, 0],
  [500, 499],
  [500, 9000],
  [31, 12],
  [30, 12],
  [29, 12],
  [0, 12],
])(
  'of %d fish the nearest to minute %d are offered, thirty of them, as sorting all would find them',
  (many, minute) => {
    const fish = Array.from({ length: many }, (_, i) => ({
      captureId: `c${i}`,
      startedAt: new Date((many - 1 - i) * 60_000).toISOString(),
    })) as PicturedFish[];
    const at = minute * 60_000;
    const away = ({ startedAt }: PicturedFish) => Math.abs(Date.parse(startedAt) - at);
    expect(nearestFish(fish, at).map(away)).toEqual(
      fish
        .map(away)
        .sort((a, b) => a - b)
        .slice(0, 30),
    );
  },
);
