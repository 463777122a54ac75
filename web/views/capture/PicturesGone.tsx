import { useQueryClient, useMutation, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Backups } from '@keeper/contract/backups';
import type { CaptureState, PictureGone } from '@keeper/core/domain/capture/captureState';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { paths } from '../../app/paths.js';
import { ask } from '../../data/api.js';
import { asked } from '../../data/asked.js';
import { makeEvent, record } from '../../data/record.js';
import { useRecord } from '../../data/useRecord.js';
import { Notice } from '../../parts/Notice.js';
import { NotKept } from '../../parts/NotKept.js';
import { Section } from '../../parts/Section.js';
import { whenText } from '../../parts/when.js';
import { captureText } from './text.en-GB.js';

/** Pictures that were taken from this fish: why and when, and the way back where there is one. */
export function PicturesGone({ state }: { state: CaptureState }) {
  const { keep, notKept } = useRecord();
  const others = useQuery(asked.pictured).data ?? [];
  const deleted = new Set(state.picturesGone.flatMap((gone) => (gone.deleted ? gone.sha256 : [])));
  if (state.picturesGone.length === 0) return null;
  const back = ({ eventId, sha256, movedTo, why }: PictureGone): CaptureEvent[] => {
    const other = others.find(({ captureId }) => captureId === movedTo);
    const { captureId } = state;
    return [
      makeEvent(captureId, state.begunAt, 'undone', { eventId }),
      ...(other
        ? [makeEvent(other.captureId, other.begunAt, 'picture-removed', { sha256, why, movedTo: captureId })]
        : []),
    ];
  };
  return (
    <Section title={captureText.picturesGone}>
      <NotKept when={notKept} />
      <ul>
        {state.picturesGone.map((gone) => (
          <li key={gone.eventId} className="border-t border-rule py-2">
            <span className="block">
              {captureText.aPicture}:{' '}
              <b>
                {gone.deleted
                  ? captureText.deletedForGood
                  : gone.movedTo
                    ? captureText.movedToAnother
                    : captureText.removed}
              </b>
            </span>
            {gone.why && <span className="block font-book italic">{gone.why}</span>}
            <span className="flex flex-wrap items-center justify-between gap-x-4 text-sm text-soft">
              {whenText(gone.at)}
              {gone.movedTo && (
                <Link to={paths.capture(gone.movedTo)} className="quiet-link min-h-11">
                  {captureText.openThatFish}
                </Link>
              )}
              {!deleted.has(gone.sha256) && (
                <button
                  type="button"
                  className="quiet-link min-h-11"
                  onClick={() => void keep(() => record(back(gone)))}
                >
                  {captureText.takeItBack}
                </button>
              )}
            </span>
          </li>
        ))}
      </ul>
      {deleted.size > 0 && <OldBackups since={newestDeletion(state)} />}
    </Section>
  );
}

function newestDeletion({ picturesGone }: CaptureState): string {
  return picturesGone.reduce((last, { deleted, at }) => (deleted && at > last ? at : last), '');
}

/** Backups from before hold what was deleted since; a new one can take their place. */
function OldBackups({ since }: { since: string }) {
  const client = useQueryClient();
  const { data } = useQuery(asked.backups);
  const renewal = useMutation({
    mutationFn: () => ask<Backups>('/backups/renewed', { method: 'POST' }),
    onSuccess: (now) => client.setQueryData(asked.backups.queryKey, now),
  });
  if (renewal.isSuccess) return <p className="mt-2 text-soft">{captureText.renewed}</p>;
  if (!data || data.firstAt === null || data.firstAt > since) return null;
  return (
    <div className="mt-2 grid gap-2">
      <p>{captureText.backupsHoldIt({ count: data.count })}</p>
      {renewal.isError && <Notice role="alert">{renewal.error.message}</Notice>}
      <button type="button" className="button" disabled={renewal.isPending} onClick={() => renewal.mutate()}>
        {renewal.isPending ? captureText.renewing : captureText.renewBackups}
      </button>
    </div>
  );
}
