import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Condition } from '@keeper/core/domain/outing/event';
import { MeasureWater } from './MeasureWater.js';
import { SeeSky } from './SeeSky.js';

jest.mock('../../data/probe.js', () => ({ canUseBluetooth: () => false }));

function measure(habit: 'C' | 'F' = 'C', aboutC = 18.2) {
  const taken: Condition[] = [];
  const onTaken = (condition: Condition) => taken.push(condition);
  render(<MeasureWater habit={habit} aboutC={aboutC} onTaken={onTaken} atMs={0} position={null} />);
  return taken;
}
const quick = () => within(screen.getByRole('group', { name: 'Read off the thermometer' })).getAllByRole('button');

test('the likely values lie in half degrees round the last one; one tap takes one', async () => {
  const taken = measure();
  expect(quick().map((button) => button.textContent)).toEqual([
    ...['15.5°', '16.0°', '16.5°', '17.0°', '17.5°', '18.0°', '18.5°', '19.0°', '19.5°', '20.0°', '20.5°'],
  ]);
  await userEvent.click(screen.getByRole('radio', { name: 'On the bottom' }));
  await userEvent.click(screen.getByRole('button', { name: '17.5°' }));
  expect(taken).toEqual([{ source: 'hand', waterC: 17.5, depth: 'bottom' }]);
});

test('in Fahrenheit they are whole degrees, and no ice is offered', async () => {
  const taken = measure('F', 1);
  expect(quick()[0]).toHaveTextContent('32.0°');
  await userEvent.click(screen.getByRole('button', { name: '39.0°' }));
  expect(taken[0]?.waterC).toBeCloseTo(3.89, 2);
});

test('what is typed is read, refused with its reason, and stays', async () => {
  const taken = measure();
  const takeIt = screen.getByRole('button', { name: 'Take it' });
  await userEvent.type(screen.getByLabelText('Another value'), '60');
  await userEvent.click(takeIt);
  expect(screen.getByRole('alert')).toHaveTextContent('If that is Fahrenheit, write 60 F.');
  expect(screen.getByLabelText('Another value')).toHaveValue('60');
  await userEvent.type(screen.getByLabelText('Another value'), ' F');
  await userEvent.click(takeIt);
  await userEvent.clear(screen.getByLabelText('Another value'));
  await userEvent.type(screen.getByLabelText('Oxygen from a meter, mg/L'), '84');
  await userEvent.click(takeIt);
  expect(screen.getByRole('alert')).toHaveTextContent('between 0 and 30 mg/L');
  await userEvent.clear(screen.getByLabelText('Oxygen from a meter, mg/L'));
  await userEvent.type(screen.getByLabelText('Oxygen from a meter, mg/L'), '8,4');
  await userEvent.click(takeIt);
  expect(taken).toEqual([
    { source: 'hand', waterC: 15.56, depth: 'surface' },
    { source: 'hand', oxygenMgL: 8.4 },
  ]);
});

test('both that were typed are taken together, and oxygen goes along with a tap', async () => {
  const taken = measure();
  await userEvent.type(screen.getByLabelText('Another value'), '12');
  await userEvent.type(screen.getByLabelText('Oxygen from a meter, mg/L'), '15');
  await userEvent.click(screen.getByRole('button', { name: 'Take it' }));
  await userEvent.click(screen.getByRole('button', { name: '17.5°' }));
  expect(taken).toEqual([
    { source: 'hand', waterC: 12, depth: 'surface', oxygenMgL: 15 },
    { source: 'hand', waterC: 17.5, depth: 'surface', oxygenMgL: 15 },
  ]);
});

describe('air and sky', () => {
  function see() {
    const taken: Condition[] = [];
    render(<SeeSky aboutC={21} habit="C" onTaken={(condition) => taken.push(condition)} />);
    return taken;
  }
  test('one tap each', async () => {
    const taken = see();
    for (const name of ['23.0°', 'overcast', 'still']) await userEvent.click(screen.getByRole('button', { name }));
    expect(taken).toEqual([
      { source: 'hand', airC: 23 },
      { source: 'hand', cloudOctas: 8 },
      { source: 'hand', windMs: 0.5 },
    ]);
  });
  test('a barometer in other units is refused, with what one shows', async () => {
    const taken = see();
    await userEvent.type(screen.getByLabelText('Barometer, hPa'), '29.9');
    await userEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(screen.getByRole('alert')).toHaveTextContent('between 850 and 1100 hPa');
    await userEvent.clear(screen.getByLabelText('Barometer, hPa'));
    await userEvent.type(screen.getByLabelText('Barometer, hPa'), '1012');
    await userEvent.type(screen.getByLabelText('Air, another value'), '70 F');
    await userEvent.click(screen.getByRole('button', { name: 'Take it' }));
    expect(taken).toEqual([{ source: 'hand', airC: 21.11, pressureHpa: 1012 }]);
  });
});
