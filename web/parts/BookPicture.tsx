import type { PictureSize } from '@keeper/contract/pictures';
import type { PictureRole } from '@keeper/core/capture/event';
import type { PictureInStory } from '@keeper/core/capture/story';
import { FishPicture } from './FishPicture.js';
import { PictureInView } from './PictureInView.js';

export const ROLE_WORDS: Readonly<Record<PictureRole, string>> = {
  'left-flank': 'Left flank',
  'right-flank': 'Right flank',
  portrait: 'Portrait',
  wound: 'Wound',
  board: 'On the board',
  scale: 'Scale',
  release: 'Release',
};

interface BookPictureProps {
  readonly picture: PictureInStory;
  readonly size: PictureSize;
  readonly className?: string;
}

/** A picture as the book has it: laid straight where it was laid on the bench, else as it was taken. */
export function BookPicture({ picture: { sha256, role, reading }, size, className = '' }: BookPictureProps) {
  const alt = role ? `${ROLE_WORDS[role]} of this fish` : 'Picture of this fish';
  return reading?.view ? (
    <PictureInView sha256={sha256} size={size} view={reading.view} alt={alt} className={className} />
  ) : (
    <FishPicture sha256={sha256} size={size} alt={alt} className={className} />
  );
}
