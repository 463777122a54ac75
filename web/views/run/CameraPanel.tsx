import { runText } from './text.en-GB.js';
import { useEffect, useRef, useState } from 'react';
import { timesDone } from '@keeper/core/domain/capture/steps';
import { paintedKind } from '@keeper/core/domain/fish/anatomy';
import { wantedShot, type WantedShot } from '@keeper/core/domain/capture/wantedShot';
import { openCamera, stillOf, type OpenCamera } from '../../data/camera.js';
import { setDevicePreference, useDevicePreference } from '../../data/devicePreferences.js';
import { addPicture } from '../../data/addPicture.js';
import { ROLE_WORDS } from '../../parts/BookPicture.js';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';
import { FileCapture } from './FileCapture.js';
import { LiveVerdict } from './LiveVerdict.js';
import type { RunDesk } from './runDesk.js';
import { useClip } from './useClip.js';
import { useLevel } from './useLevel.js';
import { SELF_SECONDS, useSelfTake } from './useSelfTake.js';

const SHOTS: readonly { value: WantedShot; label: string }[] = [
  { value: 'left-flank', label: runText.left },
  { value: 'right-flank', label: runText.right },
  { value: 'wound', label: runText.wound },
  { value: 'board', label: runText.board },
];

/**
 * The camera beside the fish: the shot that is wanted next, a frame for it, what is wrong with it now, one large tap.
 */
export function CameraPanel({ desk: { state, tap }, onDone }: { desk: RunDesk; onDone: () => void }) {
  const way = useDevicePreference('camera');
  const { species, form } = state.facts;
  const kind = species ? paintedKind(species, form) : undefined;
  const onBoard = timesDone(state, 'measured') > 0 && !state.facts.length;
  const wanted = wantedShot(
    state.pictures.map(({ role }) => role),
    { wounds: state.wounds.length, onBoard },
  );
  const [chosen, setChosen] = useState<WantedShot>();
  const shot = chosen ?? wanted ?? 'left-flank';
  const side = shot === 'right-flank' ? 'right' : 'left';
  const { video, problem, open } = useCamera(way, {
    fish: `fish of ${state.captureId}`,
    kind: kind ?? 'carp-mirror',
    side,
  });
  const [full, setFull] = useState(false);
  const [said, setSaid] = useState('');
  const level = useLevel();
  const panel = useRef<HTMLDivElement>(null);
  // On a phone the clocks give way to what the camera sees; the one that counts stays at the top.
  useEffect(() => {
    // Newer browsers answer with a promise, which must not be taken for the effect's end.
    void panel.current?.scrollIntoView({ block: 'start' });
  }, []);

  const keep = async (file: File) => {
    const came = await addPicture(state, file, shot).catch(() => 'no-room' as const);
    setFull(came === 'no-room');
    if (came !== 'added') return;
    if (timesDone(state, 'pictured') === 0) await tap('pictured', {});
    setSaid(runText.kept({ shot: ROLE_WORDS[shot] }));
    setChosen(undefined);
  };
  const clip = useClip(video, kind, keep);
  const shoot = () => {
    if (video.current) void stillOf(video.current).then(keep);
  };
  const counting = useSelfTake(shoot);
  return (
    <div ref={panel} role="group" aria-label={runText.camera} className="grid scroll-mt-14 gap-3">
      <Choice label={runText.thePictureThatIs} value={shot} onChange={setChosen} options={SHOTS} />
      {problem ? (
        <Notice role="alert">{problem}</Notice>
      ) : (
        <div className="relative overflow-hidden rounded-lg bg-ink">
          <video
            ref={video}
            muted
            playsInline
            autoPlay
            aria-label={runText.whatTheCameraSees}
            className="aspect-4/3 w-full object-cover"
          />
          <Frame
            flank={shot === 'left-flank' || shot === 'right-flank'}
            headRight={side === 'right'}
            levelRad={level}
          />
          {counting.left !== undefined && (
            <p
              aria-live="assertive"
              className="absolute inset-0 grid place-items-center text-8xl font-bold text-[#fbf9f2]"
            >
              {counting.left}
            </p>
          )}
        </div>
      )}
      {open && <LiveVerdict video={video} kind={kind} />}
      {full && <Notice role="alert">{runText.thereIsNoRoom}</Notice>}
      {said && <p role="status">{said}</p>}
      <div className="grid grid-cols-3 gap-2.5">
        <button type="button" className="button min-h-16 px-2 font-normal" disabled={!open} onClick={counting.begin}>
          {runText.inSeconds({ selfSeconds: SELF_SECONDS })}
        </button>
        <button type="button" className="button button-main min-h-20 px-2 text-xl" disabled={!open} onClick={shoot}>
          {runText.takeIt}
        </button>
        <button
          type="button"
          className="button min-h-16 px-2 font-normal"
          disabled={!open || clip.running}
          onClick={() => void clip.take()}
        >
          {runText.filmingClipOfSeconds({ running: clip.running })}
        </button>
      </div>
      {clip.stills.length > 0 && (
        <div className="grid gap-2">
          <p>{runText.theBestOfThe}</p>
          <ul className="grid grid-cols-3 gap-2">
            {clip.stills.map(({ address, says, keep: keepStill }) => (
              <li key={address}>
                <button type="button" className="grid gap-1 text-left text-sm" onClick={() => void keepStill()}>
                  <img src={address} alt={runText.still({ says })} className="aspect-4/3 w-full rounded object-cover" />
                  {says}
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      <div className="grid grid-cols-2 gap-2.5">
        <FileCapture label={runText.cameraApp} onFile={(file) => void keep(file)} />
        <button type="button" className="button min-h-16" onClick={onDone}>
          {runText.done}
        </button>
      </div>
      <button
        type="button"
        className="quiet-link justify-self-start text-sm"
        onClick={() => setDevicePreference('camera', way === 'simulated' ? 'device' : 'simulated')}
      >
        {runText.useTheCameraOf({ way })}
      </button>
    </div>
  );
}

/** Opens the camera and lets it go with the panel. */
function useCamera(way: Parameters<typeof openCamera>[0], { fish, kind, side }: Parameters<typeof openCamera>[1]) {
  const video = useRef<HTMLVideoElement>(null);
  const wanted = `${way} ${fish} ${kind} ${side}`;
  const [came, setCame] = useState<{ readonly of: string; readonly problem?: string }>();
  useEffect(() => {
    let camera: OpenCamera | undefined;
    let over = false;
    openCamera(way, { fish, kind, side }).then(
      (opened) => {
        if (over) return opened.close();
        camera = opened;
        if (video.current) video.current.srcObject = opened.stream;
        return setCame({ of: wanted });
      },
      (error: unknown) => {
        if (!over) setCame({ of: wanted, problem: error instanceof Error ? error.message : runText.theCameraDidNot });
      },
    );
    return () => {
      over = true;
      camera?.close();
    };
  }, [way, fish, kind, side, wanted]);
  // What came of an earlier wish says nothing of this one.
  const now = came?.of === wanted ? came : undefined;
  return { video, problem: now?.problem, open: now !== undefined && now.problem === undefined };
}

/** A faint frame for the fish, and a line that lies level. */
function Frame({ flank, headRight, levelRad }: { flank: boolean; headRight: boolean; levelRad: number | undefined }) {
  const isLevel = levelRad !== undefined && Math.abs(levelRad) < 0.03;
  return (
    <svg
      viewBox="0 0 400 300"
      aria-hidden
      className="pointer-events-none absolute inset-0 size-full"
      fill="none"
      stroke="#fbf9f2"
    >
      {flank && (
        <path
          transform={headRight ? 'matrix(-1 0 0 1 400 0)' : undefined}
          d="M48 152C80 112 130 96 180 98C240 100 290 128 318 144L356 116C350 140 350 164 356 188L318 160C290 178 240 206 180 206C130 206 80 190 48 152Z"
          strokeWidth={2}
          strokeDasharray="7 6"
          opacity={0.75}
        />
      )}
      {levelRad !== undefined && (
        <path
          d="M150 270H250"
          strokeWidth={isLevel ? 4 : 2}
          transform={`rotate(${(levelRad * 180) / Math.PI} 200 270)`}
        />
      )}
      <path d="M190 270H210" strokeWidth={1} opacity={0.6} />
    </svg>
  );
}
