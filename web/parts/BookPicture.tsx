import { partsText } from './text.en-GB.js';
import type { PictureSize } from '@keeper/contract/pictures';
import type { PictureRole } from '@keeper/core/domain/capture/event';
import type { PictureOfSummary } from '@keeper/core/domain/capture/summary';
import { FishPicture } from './FishPicture.js';
import { PictureInView } from './PictureInView.js';

export const ROLE_WORDS: Readonly<Record<PictureRole, string>> = {
  'left-flank': partsText.leftFlank,
  'right-flank': partsText.rightFlank,
  portrait: partsText.portrait,
  wound: partsText.wound,
  board: partsText.onTheBoard,
  scale: partsText.scale,
  release: partsText.release,
};

interface BookPictureProps {
  readonly picture: PictureOfSummary;
  /** Where words beside it say it already, it is left out for those who listen. */
  readonly decorative?: boolean;
  readonly size: PictureSize;
  readonly className?: string;
  readonly eager?: boolean;
}

/** A picture as the book has it: laid straight where it was laid on the bench, else as it was taken. */
export function BookPicture({
  picture: { sha256, role, view },
  size,
  decorative,
  className = '',
  eager = false,
}: BookPictureProps) {
  const alt = decorative ? '' : role ? partsText.ofThisFish({ role: ROLE_WORDS[role] }) : partsText.pictureOfThisFish2;
  return view ? (
    <PictureInView sha256={sha256} size={size} view={view} alt={alt} className={className} />
  ) : (
    <FishPicture sha256={sha256} size={size} alt={alt} className={className} eager={eager} />
  );
}
