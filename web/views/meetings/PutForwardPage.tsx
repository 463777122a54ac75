import { useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { KeptMeeting } from '@keeper/contract/meetings';
import type { CaptureState, PictureOfCapture } from '@keeper/core/domain/capture/captureState';
import { paintedKind } from '@keeper/core/domain/fish/anatomy';
import { speciesName } from '@keeper/core/domain/fish/species';
import type { ProofCheck } from '@keeper/core/domain/meeting/putForward';
import { HOUR_MS } from '@keeper/core/measure/timeSpan';
import { proofChecks } from '@keeper/core/meetings/proofChecks';
import { NotHere } from '../../app/NotHere.js';
import { paths } from '../../app/paths.js';
import { addressOf, usePictureBytes } from '../../data/pictureBytes.js';
import { makeEvent, record } from '../../data/record.js';
import { useMeetings } from '../../data/rows.js';
import { useCapture } from '../../data/useCapture.js';
import { useRecord } from '../../data/useRecord.js';
import { AddPictures } from '../../parts/AddPictures.js';
import { Choice } from '../../parts/Choice.js';
import { Loupe } from '../../parts/Loupe.js';
import { NotKept } from '../../parts/NotKept.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { whenText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import { useLook } from '../pictures/useLook.js';
import { Bundle } from './Bundle.js';
import { ProofList } from './ProofList.js';
import { SameFishNotice } from './SameFishNotice.js';
import { meetingsText } from './text.en-GB.js';
import { useStanding } from './useMeetingFish.js';

/** A fish is put forward: its picture is looked at first, what leaves the book is said, and then it is kept. */
export function PutForwardPage() {
  const { meetingId = '', captureId = '' } = useParams();
  const meeting = useMeetings().find(({ id }) => id === meetingId);
  const { state, loading } = useCapture(captureId);
  if (loading) return null;
  if (!meeting || state.startedAt === null) return <NotHere />;
  return (
    <article className="max-w-5xl">
      <p className="text-soft">
        <Link to={paths.meeting(meetingId)} className="quiet-link">
          {meeting.name}
        </Link>
        , {whenText(state.startedAt, undefined, state.zone)}
      </p>
      <h1 className="mb-5 text-3xl font-semibold">{say(speciesName(state.facts.species, state.facts.form))}</h1>
      {state.pictures.length === 0 ? (
        <>
          <p className="mb-4">{meetingsText.noPictureYet}</p>
          <AddPictures state={state} />
        </>
      ) : (
        <PutForwardOf meeting={meeting} state={state} />
      )}
    </article>
  );
}

/** The one on the board before the others. */
function firstChoice({ pictures }: CaptureState, meetingId: string, state: CaptureState): string {
  const put = state.putForward.findLast((each) => each.meetingId === meetingId)?.sha256;
  return put ?? (pictures.find(({ role }) => role === 'board') ?? pictures[0])?.sha256 ?? '';
}

function PutForwardOf({ meeting, state }: { meeting: KeptMeeting; state: CaptureState }) {
  const [sha256, setSha256] = useState(() => firstChoice(state, meeting.id, state));
  const picture = state.pictures.find((each) => each.sha256 === sha256) ?? state.pictures[0];
  if (!picture) return null;
  return (
    <div className="grid gap-8">
      {state.pictures.length > 1 && (
        <Choice<string>
          label={meetingsText.whichPicture}
          value={picture.sha256}
          onChange={setSha256}
          options={state.pictures.map((each, i) => ({ value: each.sha256, label: String(i + 1) }))}
        />
      )}
      <PictureForward key={picture.sha256} meeting={meeting} state={state} picture={picture} />
    </div>
  );
}

interface PictureForwardProps {
  readonly meeting: KeptMeeting;
  readonly state: CaptureState;
  readonly picture: PictureOfCapture;
}

function PictureForward({ meeting, state, picture }: PictureForwardProps) {
  const { captureId, startedAt, begunAt, facts } = state;
  const { bytes } = usePictureBytes(picture.sha256);
  const kind = facts.species ? paintedKind(facts.species, facts.form) : undefined;
  const { looked } = useLook(bytes, kind, picture.reading?.landmarks);
  const others = useOthersPut(meeting, captureId);
  // One of them shows which way round they are.
  const before = useLook(usePictureBytes(others[0]?.sha256).bytes, kind, undefined).looked?.fish;
  const headLeftBefore = before && !before.headRight;
  const asked = useMemo(
    () =>
      proofChecks(meeting, {
        verdicts: looked?.fish?.verdicts ?? [],
        headLeft: looked?.fish ? !looked.fish.headRight : null,
        othersHeadLeft: headLeftBefore === undefined ? [] : [headLeftBefore],
      }),
    [meeting, looked, headLeftBefore],
  );
  const put = state.putForward.findLast(({ meetingId }) => meetingId === meeting.id);
  const [ticked, setTicked] = useState<readonly ProofCheck[]>(put?.checks ?? []);
  const [lateWhy, setLateWhy] = useState(put?.lateWhy ?? '');
  const { keep, notKept } = useRecord();
  const now = useNow();
  const { sentWithinH } = meeting;
  const takenMs = Date.parse(startedAt ?? '');
  const isLate = sentWithinH !== null && (put ? Date.parse(put.at) : now) - takenMs > sentWithinH * HOUR_MS;
  const forward = () =>
    void keep(() =>
      record([
        makeEvent(captureId, begunAt, 'put-forward', {
          meetingId: meeting.id,
          sha256: picture.sha256,
          checks: [...ticked],
          ...(isLate && lateWhy.trim() && { lateWhy: lateWhy.trim() }),
        }),
      ]),
    );
  const isPut = put?.sha256 === picture.sha256;
  return (
    <>
      <Section title={meetingsText.lookClosely}>
        <p className="mb-3 max-w-prose text-soft">{meetingsText.magnifierHelp}</p>
        {bytes && <Loupe src={addressOf(bytes)} alt={meetingsText.lookClosely} />}
      </Section>
      <Section title={meetingsText.lookAtEach}>
        <ProofList asked={asked} ticked={ticked} onChange={setTicked} fixed={isPut} />
        {!isPut && <p className="mt-2 max-w-prose text-soft">{meetingsText.tickThemFirst}</p>}
      </Section>
      {others.length > 0 && (
        <SameFishNotice state={state} picture={picture} others={others.map((other) => other.captureId)} />
      )}
      {isLate && !isPut && (
        <div className="grid max-w-xl gap-2">
          <p>{meetingsText.itIsLate({ hours: sentWithinH })}</p>
          <TextField label={meetingsText.sentLateBecause} value={lateWhy} onChange={setLateWhy} />
        </div>
      )}
      {!isPut && (
        <button
          type="button"
          className="button button-main min-h-16 justify-self-start px-8 text-lg"
          disabled={isLate && lateWhy.trim() === ''}
          onClick={forward}
        >
          {meetingsText.putItForward}
        </button>
      )}
      <NotKept when={notKept} />
      {isPut && bytes && <Bundle meeting={meeting} state={state} put={put} bytes={bytes} />}
    </>
  );
}

/** The other fish that were put forward to the same meeting, with their pictures. */
function useOthersPut(meeting: KeptMeeting, captureId: string): readonly { captureId: string; sha256: string }[] {
  const standing = useStanding(meeting);
  return useMemo(() => {
    if (!standing) return [];
    const { counted, smaller, failing } = standing;
    return [...counted, ...smaller, ...failing].flatMap(({ fish }) => {
      const put = fish.putForward.findLast(({ meetingId }) => meetingId === meeting.id);
      return put && fish.captureId !== captureId ? [{ captureId: fish.captureId, sha256: put.sha256 }] : [];
    });
  }, [standing, meeting, captureId]);
}

/** The time at which the page was opened, and each minute since. */
function useNow(): number {
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    const looking = setInterval(() => setNowMs(Date.now()), 60_000);
    return () => clearInterval(looking);
  }, []);
  return nowMs;
}
