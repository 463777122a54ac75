import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { LayoutJudgement, LayoutPoint } from '@keeper/core/bank/layoutPoint';
import { COMMON_PRACTICE } from '@keeper/core/care/counsel';
import type { Fixture } from '@keeper/core/domain/water/plan';
import { FixtureTools } from './FixtureTools.js';
import { LayoutSaid } from './LayoutSaid.js';
import { nearestSun, nearView, PlanDrawing, WHOLE_SWIM, widthM } from './PlanDrawing.js';

jest.mock('../../data/device.js', () => ({ newId: () => 'new' }));

const at = (xM: number, yM: number) => ({ xM, yM });
const tree: Fixture = { id: 't', kind: 'tree', xM: 1, yM: -3, radiusM: 2, heightM: 6 };
const path: Fixture = { id: 'p', kind: 'path', xM: 0, yM: -5, radiusM: 0.5, heightM: 0 };
const sun = { altitudeDeg: 40, azimuthDeg: 180 };
const plan = { bank: 'grass' as const, facingDeg: 0, fixtures: [tree, path], hours: [{ atMs: 0, sun }], clock: String };

describe('the drawing', () => {
  test('is said in words, and draws a shadow for what casts one', () => {
    const { container } = render(<PlanDrawing plan={plan} layout={{ mat: at(0, -2), brolly: at(2, -2) }} atMs={0} />);
    expect(screen.getByRole('img')).toHaveAccessibleName(
      'The swim from above: water at the top, grass below, 2 things that stand there, 2 pieces of kit laid out.',
    );
    expect(container.querySelectorAll('polygon')).toHaveLength(2);
  });
  test('at night there is no shadow', () => {
    const night = { ...plan, hours: [{ atMs: 0, sun: { altitudeDeg: -5, azimuthDeg: 0 } }] };
    const { container } = render(<PlanDrawing plan={night} layout={{}} atMs={0} />);
    expect(container.querySelectorAll('polygon')).toHaveLength(0);
  });
  test('near, all pieces are in sight, and a lone one is not blown up beyond measure', () => {
    const near = nearView({ mat: at(-1, -2), camera: at(1, -4) }, 0.7);
    expect(near.leftM).toBeLessThan(-1.5);
    expect(near.rightM).toBeGreaterThan(1.5);
    expect(near.bottomM).toBeLessThan(-4.5);
    expect(widthM(nearView({ mat: at(0, -2) }, 0.7))).toBeGreaterThan(3);
    expect(nearView({}, 0.7)).toBe(WHOLE_SWIM);
  });
  test('the nearest hour’s sun is taken', () => {
    const low = { altitudeDeg: 5, azimuthDeg: 90 };
    const hours = [
      { atMs: 0, sun: low },
      { atMs: 100, sun },
    ];
    expect(nearestSun({ hours }, 70)).toBe(sun);
    expect(nearestSun({ hours: [] }, 70)).toBeUndefined();
  });
});

const point = (id: string, mark: number, pieces: LayoutPoint['pieces'] = []): LayoutPoint => ({
  id,
  mark,
  weight: 1,
  text: { code: `Text of ${id}.` },
  reason: { code: `Reason of ${id}.` },
  basis: COMMON_PRACTICE,
  pieces,
});
const judged = (...points: LayoutPoint[]): LayoutJudgement => ({
  score: 0.87,
  points,
  carryM: 1,
  outOfReach: [],
  matLight: [],
});

describe('what is said of a layout', () => {
  test('what to mend comes first, each with its reason, and shows its piece', async () => {
    const chosen: unknown[] = [];
    const points = judged(point('reach', 0.2, ['bucket']), point('carry', 0.9));
    render(<LayoutSaid judged={points} onChoose={(pieces) => chosen.push(pieces)} />);
    expect(screen.getByRole('status')).toHaveTextContent('One thing to fix, 1 right. 87 of 100');
    const mend = within(screen.getByRole('region', { name: 'To fix' }));
    expect(mend.getByText('Reason of reach.')).toBeVisible();
    await userEvent.click(mend.getByRole('button'));
    expect(chosen).toEqual([['bucket']]);
    expect(within(screen.getByRole('region', { name: 'Right' })).getByText('Text of carry.')).toBeVisible();
  });
  test('with nothing wrong it says so', () => {
    render(<LayoutSaid judged={judged(point('carry', 0.9))} onChoose={() => undefined} />);
    expect(screen.getByRole('status')).toHaveTextContent('Nothing to fix.');
    expect(screen.queryByRole('region', { name: 'To fix' })).not.toBeInTheDocument();
  });
});

describe('drawing the swim', () => {
  function tools(chosen: string | null) {
    const changes: (readonly Fixture[])[] = [];
    render(
      <FixtureTools
        fixtures={[tree, path]}
        chosen={chosen}
        onChoose={() => undefined}
        onChange={(next) => changes.push(next)}
      />,
    );
    return changes;
  }
  test('adds, widens, raises and takes away', async () => {
    const changes = tools('t');
    for (const name of ['Add: stones', 'More: 4.0 m wide', 'Less: 6.0 m high', 'Take away']) {
      await userEvent.click(screen.getByRole('button', { name }));
    }
    expect(changes[0]?.at(-1)).toMatchObject({ id: 'new', kind: 'stones' });
    expect(changes[1]?.[0]).toMatchObject({ radiusM: 2.25 });
    expect(changes[2]?.[0]).toMatchObject({ heightM: 5.5 });
    expect(changes[3]?.map(({ id }) => id)).toEqual(['p']);
  });
  test('a path has no height to set', () => {
    tools('p');
    expect(screen.queryByRole('button', { name: /high$/ })).not.toBeInTheDocument();
  });
});
