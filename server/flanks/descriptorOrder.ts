import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import type { LandmarksPx } from '@keeper/core/domain/fish/landmarks';

/** A print to make: of which copy, how wide its original is, and where the fish lies if the keeper has said so. */
export interface DescriptorOrder {
  readonly copy: Uint8Array;
  readonly widthPx: number;
  readonly kind: PaintedKind;
  readonly told: { readonly landmarks: LandmarksPx; readonly side: 'left' | 'right' } | null;
}

/** A print that was made; the landmarks in pixels of the upright original. */
export interface MadeDescriptor {
  readonly side: 'left' | 'right';
  readonly landmarks: LandmarksPx;
  readonly cells: string;
}
