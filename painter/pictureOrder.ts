import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { BoardOrder } from './board.js';
import type { Nuisance } from './nuisance.js';
import type { Pose } from './pose.js';
import type { DayLight, SceneKind } from './scene.js';

/** Everything that decides a picture. The same order always paints the same picture. */
export interface PictureOrder {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly kind: PaintedKind;
  /** Names the fish; its pattern comes from this. */
  readonly fish: string;
  readonly side: 'left' | 'right';
  /** Names the taking of the picture: background, hands, grain. */
  readonly shot: string;
  readonly girth: number;
  readonly scene: SceneKind;
  readonly light: DayLight;
  readonly pose: Pose;
  /** How bright the camera made it: 1 is right. */
  readonly exposure: number;
  /** How much the wet flank throws the light back: 0 dull, 1 wet, 2 glaring. */
  readonly wetness: number;
  /** What is wrong with the picture; nothing, if left out. */
  readonly nuisance?: Partial<Nuisance>;
  /** The board under the fish, in the scene of that name. */
  readonly board?: BoardOrder;
}
