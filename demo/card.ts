import { createRng } from '@keeper/core/statistics/rng';
import { paintedKind } from '@keeper/core/domain/fish/anatomy';
import { anyNuisance } from '@keeper/painter/anyPicture';
import type { PictureOrder } from '@keeper/painter/pictureOrder';
import type { DemoCapture } from './captures.js';
import { lengthOn } from './fish.js';
import { orderOf } from './pictures.js';

/** A picture that still lies on the camera's card. */
export interface CardPicture {
  readonly name: string;
  readonly takenAtMs: number;
  readonly order: PictureOrder;
}

const PICTURES = 40;
const SCENES: readonly PictureOrder['scene'][] = ['mat', 'held', 'board', 'mat', 'held'];

/**
 * What the keeper has not taken off the card yet: some of each of the latest fish, good and bad ones, on mat, board and
 * in the hands.
 */
export function cardPictures(captures: readonly DemoCapture[]): CardPicture[] {
  const latest = captures.filter(({ picturedMs, fish }) => picturedMs !== null && paintedKind(fish.species, fish.form));
  const pictures: CardPicture[] = [];
  for (const capture of latest.toReversed()) {
    const luck = createRng(`${capture.captureId} card`);
    for (let i = luck.whole(2, 5); i > 0 && pictures.length < PICTURES; i -= 1) {
      const number = pictures.length;
      const side = luck.pick(['left', 'right'] as const);
      const scene = SCENES[number % SCENES.length] ?? 'mat';
      const order = orderOf(capture, `card ${number}`, side, scene);
      if (!order) continue;
      const years = (capture.takenAtMs - Date.UTC(2024, 3, 1)) / (365.25 * 24 * 3_600_000);
      pictures.push({
        name: `P${String(1040 + number)}.jpg`,
        takenAtMs: capture.takenAtMs + (capture.picturedMs ?? 0) + (10 - i) * 4000,
        order: {
          ...order,
          ...(scene === 'board' && { board: { fishMm: lengthOn(capture.fish, years) } }),
          ...(luck.next() < 0.5 && { nuisance: anyNuisance(luck) }),
        },
      });
    }
  }
  return pictures;
}
