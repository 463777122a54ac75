import { Link } from 'react-router';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { paths } from '../../app/paths.js';
import { useMeasured } from '../../data/useMeasured.js';
import { Notice } from '../../parts/Notice.js';
import { whenText } from '../../parts/when.js';
import { meetingsText } from './text.en-GB.js';
import { useSameFish } from './useSameFish.js';

interface SameFishNoticeProps {
  readonly state: CaptureState;
  readonly picture: PictureOfCapture;
  /** The captures that were put forward before. */
  readonly others: readonly string[];
}

/** Warns before the same fish is put forward twice: by what the keeper decided, else by its flank. */
export function SameFishNotice({ state, picture, others }: SameFishNoticeProps) {
  const fish = useMeasured();
  const same = useSameFish(state, picture, others);
  const when = (captureId: string) => whenText(fish.find((each) => each.captureId === captureId)?.startedAt ?? '');
  const fishId = state.identity?.fishId;
  const known = fishId ? fish.find((each) => others.includes(each.captureId) && each.fishId === fishId) : undefined;
  if (known) return <Notice role="alert">{meetingsText.sameFishAgain({ when: when(known.captureId) })}</Notice>;
  if (same.says === 'looking') return <p role="status">{meetingsText.comparing}</p>;
  if (same.says === 'none') return <p className="text-soft">{meetingsText.noneOfThose}</p>;
  if (same.says === 'cannot-tell') return null;
  return (
    <Notice role="alert">
      <Link to={paths.who(state.captureId, picture.sha256)} className="underline">
        {meetingsText.mayBeTheSame({ when: when(same.captureId), percent: Math.round(100 * same.probability) })}
      </Link>
    </Notice>
  );
}
