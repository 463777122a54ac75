/**
 * The direction of a slope without its sign, from 0 up to 1 for half a turn: a dark fish on pale ground is a fish as
 * well. To about a hundred-thousandth, and several times as quick as the arc tangent itself: it is asked for a million
 * times a picture. Source: Abramowitz and Stegun (1964), Handbook of Mathematical Functions, 4.4.49 (coefficients from
 * memory, checked against `Math.atan2`). Example: `edgeDirection(1, 0)` is 0, `edgeDirection(0, -2)` is 0.5.
 */
export function edgeDirection(along: number, across: number): number {
  const flat = Math.abs(along) >= Math.abs(across);
  const ratio = flat ? across / along : along / across;
  const r = ratio * ratio;
  const turn =
    ratio * (0.999866 + r * (-0.3302995 + r * (0.180141 + r * (-0.085133 + r * 0.0208351)))) * 0.3183098861837907;
  const direction = flat ? turn : 0.5 - turn;
  return direction < 0 ? direction + 1 : direction;
}
