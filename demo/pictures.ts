import type { PictureRole } from '@keeper/core/capture/event';
import { anatomyOf, heightAt, paintedKind } from '@keeper/core/fish/anatomy';
import { chance } from '@keeper/core/chance/chance';
import type { PictureOrder } from '@keeper/painter/paint';
import { dayLight } from '@keeper/painter/scene';
import type { DemoCapture } from './captures.js';

/** A picture of the demo book before it is painted. */
export interface DemoPicture {
  readonly capture: DemoCapture;
  readonly role: PictureRole;
  readonly takenAtMs: number;
  readonly order: PictureOrder;
}

type Side = PictureOrder['side'];

const WIDTH_PX = 840;
const HEIGHT_PX = 630;

/** The pictures that the keeper took of a capture: mostly one flank, often both. */
export function picturesOf(capture: DemoCapture): DemoPicture[] {
  const kind = paintedKind(capture.fish.species, capture.fish.form);
  if (capture.picturedMs === null || !kind) return [];
  const luck = chance(`${capture.captureId} pictures`);
  const first: Side = luck.next() < 0.6 ? 'left' : 'right';
  const sides: Side[] = luck.next() < 0.38 ? [first, first === 'left' ? 'right' : 'left'] : [first];
  const hour = new Date(capture.takenAtMs).getUTCHours();
  const light = dayLight((hour - 4) / 17, luck.between(0, 0.8));
  const scene = luck.next() < 0.5 ? 'mat' : 'held';
  return sides.map((side, i) => {
    const shot = `${capture.captureId} shot ${i}`;
    const angle = chance(shot);
    const girth = 1 + 0.04 * angle.normal();
    const lengthPx = WIDTH_PX * fitting(kind, scene, angle.between(0.9, 1));
    return {
      capture,
      role: side === 'left' ? 'left-flank' : 'right-flank',
      takenAtMs: capture.takenAtMs + (capture.picturedMs ?? 0) + i * 9000,
      order: {
        widthPx: WIDTH_PX,
        heightPx: HEIGHT_PX,
        kind,
        fish: capture.fish.name,
        side,
        shot,
        girth,
        scene,
        light,
        exposure: angle.between(0.86, 1.12),
        wetness: angle.between(0.5, 1.2),
        pose: {
          lengthPx,
          centreXPx: WIDTH_PX * (0.48 + (side === 'right' ? 0.04 : 0)) + angle.between(-10, 10),
          centreYPx: HEIGHT_PX * (scene === 'held' ? 0.54 : 0.5) + angle.between(-14, 14),
          yawRad: 0.12 * angle.normal(),
          pitchRad: scene === 'mat' ? 0.08 * angle.normal() : 0.05 + 0.08 * angle.normal(),
          rollRad: 0.03 * angle.normal(),
          bend: scene === 'held' ? angle.between(0.01, 0.06) : 0.012 * angle.normal(),
          mirrored: side === 'right',
        },
      },
    };
  });
}

/** How much of the width the fish takes: a deep fish must fit the height too. */
function fitting(kind: PictureOrder['kind'], scene: PictureOrder['scene'], closeness: number): number {
  const { back, belly } = anatomyOf(kind);
  const depth = heightAt(back, 0.4) + heightAt(belly, 0.4);
  return Math.min(scene === 'mat' ? 0.79 : 0.82, 0.3 / depth) * closeness;
}
