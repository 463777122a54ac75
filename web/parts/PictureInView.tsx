import { partsText } from './text.en-GB.js';
import { useState } from 'react';
import { viewMatrix, VIEW_SHAPE } from '@keeper/core/pictures/pictureView';
import { type PictureView } from '@keeper/core/domain/capture/pictureReading';
import { addressOf, heldBytes } from '../data/pictureBytes.js';
import { useOutbox } from '../data/useCapture.js';
import type { PictureSize } from '@keeper/contract/pictures';

const FRAME = 800;

interface PictureInViewProps {
  readonly sha256: string;
  readonly size: PictureSize;
  readonly view: PictureView;
  readonly alt: string;
  readonly className?: string;
}

/** A picture turned, mirrored, cut and brightened as it was laid on the bench. The original is not touched. */
export function PictureInView({ sha256, size, view, alt, className = '' }: PictureInViewProps) {
  const held = heldBytes(useOutbox(), sha256);
  const [gone, setGone] = useState(false);
  if (gone && !held) {
    return (
      <div className={`grid place-items-center bg-waterfill p-2 text-center text-sm ${className}`}>
        {partsText.pictureNotOnThe}
      </div>
    );
  }
  const { widthPx, heightPx } = view.of;
  const shown = {
    href: held ? addressOf(held) : `/api/pictures/${sha256}?size=${size}`,
    width: widthPx,
    height: heightPx,
    preserveAspectRatio: 'none',
  };
  const placed = `matrix(${viewMatrix(view, FRAME).join(' ')})`;
  const wider = `translate(${-0.2 * widthPx} ${-0.2 * heightPx}) scale(1.4)`;
  const bright = view.stops === 0 ? '' : `brightness(${2 ** view.stops})`;
  return (
    <svg
      viewBox={`0 0 ${FRAME} ${FRAME / VIEW_SHAPE}`}
      role="img"
      aria-label={alt}
      className={`bg-waterfill ${className}`}
      preserveAspectRatio="xMidYMid slice"
    >
      {/* What lies beyond the picture's edge is filled with its own colours, far out of focus. */}
      <image {...shown} aria-hidden style={{ filter: `blur(60px) ${bright}` }} transform={`${placed} ${wider}`} />
      <image
        {...shown}
        style={bright ? { filter: bright } : undefined}
        transform={placed}
        onError={() => setGone(true)}
      />
    </svg>
  );
}
