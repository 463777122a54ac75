import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { useFlanks } from '../../data/flanks.js';
import type { FriendFlank } from '../../workers/friendFlank.js';
import { isFriendFlank } from '../../workers/friendFlank.js';
import { useAnswer } from '../who/useAnswer.js';
import { useAskedFlank } from '../who/useAskedFlank.js';

const NO_FRIENDS: readonly FriendFlank[] = [];

/** What the flanks say of whether a fish is one that was put forward before. */
export type SameFish =
  | { readonly says: 'looking' }
  | { readonly says: 'cannot-tell' }
  | { readonly says: 'none' }
  | { readonly says: 'perhaps'; readonly captureId: string; readonly probability: number };

/** From here a likeness is worth a look before anything is sent (common practice, no source). */
const WORTH_A_LOOK = 0.3;

/** Compares a picture with those of the fish that were put forward; `others` are their captures. */
export function useSameFish(state: CaptureState, picture: PictureOfCapture, others: readonly string[]): SameFish {
  const asked = useAskedFlank(state, picture);
  const register = useFlanks();
  const answer = useAnswer(typeof asked === 'string' ? undefined : asked, register?.flanks, NO_FRIENDS);
  if (typeof asked === 'string') return { says: 'cannot-tell' };
  if (!answer) return { says: 'looking' };
  const like = answer.mayBe.find(({ flank }) => !isFriendFlank(flank) && others.includes(flank.captureId));
  if (!like || isFriendFlank(like.flank) || like.probability < WORTH_A_LOOK) return { says: 'none' };
  return { says: 'perhaps', captureId: like.flank.captureId, probability: like.probability };
}
