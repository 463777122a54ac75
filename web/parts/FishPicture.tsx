import { partsText } from './text.en-GB.js';
import { useState } from 'react';
import type { PictureSize } from '@keeper/contract/pictures';
import { addressOf, heldBytes } from '../data/pictureBytes.js';
import { useOutbox } from '../data/useCapture.js';

interface FishPictureProps {
  readonly sha256: string;
  readonly size: PictureSize;
  readonly alt: string;
  readonly className?: string;
  /** Fetched before it comes into sight, where something else sees to it that not all are. */
  readonly eager?: boolean;
}

/** A picture from this device while the server does not have it yet, and from the server afterwards. */
export function FishPicture({ sha256, size, alt, className = '', eager }: FishPictureProps) {
  const held = heldBytes(useOutbox(), sha256);
  const local = held && addressOf(held);
  const [gone, setGone] = useState(false);
  if (gone && !local) {
    return (
      <div className={`grid place-items-center bg-waterfill p-2 text-center text-sm ${className}`}>
        {partsText.pictureNotOnThe}
      </div>
    );
  }
  return (
    <img
      src={local ?? `/api/pictures/${sha256}?size=${size}`}
      alt={alt}
      loading={eager ? 'eager' : 'lazy'}
      decoding="async"
      onError={() => setGone(true)}
      className={`bg-waterfill object-cover ${className}`}
    />
  );
}
