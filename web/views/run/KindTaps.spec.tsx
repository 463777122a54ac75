import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ComponentProps } from 'react';
import { KindTaps } from './KindTaps.js';

function shown(props: Partial<ComponentProps<typeof KindTaps>>) {
  const said: string[] = [];
  render(<KindTaps species={null} said={undefined} expected={[]} onSay={(kind) => said.push(kind)} {...props} />);
  return said;
}
const names = () => screen.getAllByRole('button').map(({ textContent }) => textContent);
const tap = (name: RegExp | string) => userEvent.click(screen.getByRole('button', { name }));

test('with nothing planned the usual kinds stand there, and any other is one tap further', async () => {
  const said = shown({});
  expect(names()).toEqual(['Carp', 'Pike', 'Barbel', 'Wels catfish', 'Other species']);
  await tap('Other species');
  expect(names()).toContain('Tench');
  await tap('Other species');
  expect(said).toEqual(['other']);
});

test('what was planned alone is taken for it, and is put right by one tap more', async () => {
  const said = shown({ species: 'carp', expected: ['carp'] });
  expect(names()).toEqual(['Carp, as planned: not right?']);
  await tap(/not right/);
  await tap('Tench');
  expect(said).toEqual(['tench']);
});

test('of several that were planned each is one tap; a wrong one is put right', async () => {
  const said = shown({ species: 'pike', said: 'pike', expected: ['carp', 'pike'] });
  expect(names()).toEqual(['Pike: not right?']);
  await tap(/not right/);
  expect(names().slice(0, 2)).toEqual(['Carp', 'Pike']);
  await tap('Carp');
  expect(said).toEqual(['carp']);
});
