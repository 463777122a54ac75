import type { PictureRole } from '@keeper/core/domain/capture/event';
import { anatomyOf, heightAt, paintedKind } from '@keeper/core/domain/fish/anatomy';
import { createRng } from '@keeper/core/statistics/rng';
import type { PictureOrder } from '@keeper/painter/pictureOrder';
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
  if (capture.picturedMs === null) return [];
  const luck = createRng(`${capture.captureId} pictures`);
  const first: Side = luck.next() < 0.6 ? 'left' : 'right';
  const sides: Side[] = luck.next() < 0.38 ? [first, first === 'left' ? 'right' : 'left'] : [first];
  const scene = luck.next() < 0.5 ? 'mat' : 'held';
  return sides.flatMap((side, i) => {
    const order = orderOf(capture, `shot ${i}`, side, scene);
    if (!order) return [];
    return {
      capture,
      role: side === 'left' ? ('left-flank' as const) : ('right-flank' as const),
      takenAtMs: capture.takenAtMs + (capture.picturedMs ?? 0) + i * 9000,
      order,
    };
  });
}

/** One picture of a fish as the keeper might have taken it; undefined for a kind that the brush does not know. */
export function orderOf(
  capture: DemoCapture,
  name: string,
  side: Side,
  scene: PictureOrder['scene'],
): PictureOrder | undefined {
  const kind = paintedKind(capture.fish.species, capture.fish.form);
  if (!kind) return undefined;
  const hour = new Date(capture.takenAtMs).getUTCHours();
  const light = dayLight((hour - 4) / 17, createRng(`${capture.captureId} sky`).between(0, 0.8));
  const shot = `${capture.captureId} ${name}`;
  const angle = createRng(shot);
  const girth = 1 + 0.04 * angle.normal();
  const turned = scene === 'board' ? 2 : 1;
  const lengthPx = WIDTH_PX * fitting(kind, scene, angle.between(0.9, 1)) * (scene === 'board' ? 0.86 : 1);
  return {
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
      yawRad: 0.12 * turned * angle.normal(),
      pitchRad: scene === 'held' ? 0.05 + 0.08 * angle.normal() : 0.08 * turned * angle.normal(),
      rollRad: 0.03 * turned * angle.normal(),
      bend: scene === 'held' ? angle.between(0.01, 0.06) : scene === 'board' ? 0 : 0.012 * angle.normal(),
      mirrored: side === 'right',
    },
  };
}

/** How much of the width the fish takes: a deep fish must fit the height too. */
function fitting(kind: PictureOrder['kind'], scene: PictureOrder['scene'], closeness: number): number {
  const { back, belly } = anatomyOf(kind);
  const depth = heightAt(back, 0.4) + heightAt(belly, 0.4);
  return Math.min(scene === 'held' ? 0.82 : 0.79, 0.3 / depth) * closeness;
}
