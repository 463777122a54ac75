import { bankMessage } from './bankMessages.js';
import { type BankPlan, type LayoutPoint, said } from './layoutPoint.js';
import { clearanceM, distanceM, type Fixture, type Point } from '../domain/water/plan.js';

const GREEN: readonly Fixture['kind'][] = ['tree', 'bush'];

/** What lies behind the fish as a camera sees it. */
export function plannedBackdrop(
  camera: Point,
  mat: Point,
  fixtures: readonly Fixture[],
): 'water' | 'green' | 'path' | 'open' {
  const away = distanceM(camera, mat) || 1;
  const [dx, dy] = [(mat.xM - camera.xM) / away, (mat.yM - camera.yM) / away];
  for (let m = 0.5; m <= 15; m += 0.5) {
    const at = { xM: mat.xM + dx * m, yM: mat.yM + dy * m };
    const there = fixtures.find((fixture) => clearanceM(at, fixture) <= 0);
    if (there && GREEN.includes(there.kind)) return 'green';
    if (there?.kind === 'path') return 'path';
    if (at.yM > 0.3) return 'water';
  }
  return 'open';
}

export function backdropPoint(camera: Point, mat: Point, { fixtures }: BankPlan): LayoutPoint {
  const behind = plannedBackdrop(camera, mat, fixtures);
  const texts = {
    water: bankMessage('backdropWater'),
    green: bankMessage('backdropGreen'),
    path: bankMessage('backdropPath'),
    open: bankMessage('backdropOpen'),
  };
  return said({
    id: 'backdrop',
    mark: { water: 1, green: 1, open: 0.5, path: 0.2 }[behind],
    weight: 1,
    text: texts[behind],
    reason: bankMessage('backdropReason'),
    pieces: ['camera'],
  });
}
