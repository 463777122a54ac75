import { paths } from '../../app/paths.js';
import { whoText } from './text.en-GB.js';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { FlankInBook } from '@keeper/contract/flanks';
import { FINE_PARTS } from '@keeper/core/recognition/descriptor/compareDescriptors';
import { flankFrame } from '@keeper/core/recognition/landmarks/flankFrame';
import type { FlankPoint } from '@keeper/core/domain/fish/flankPoint';
import { pictureBytes } from '../../data/pictureBytes.js';
import { whoWorker } from '../../data/flanks.js';
import { Notice } from '../../parts/Notice.js';
import { Wipe } from '../../parts/Wipe.js';
import { whenText } from '../../parts/when.js';
import type { AskedFlank, LaidFlat, PossibleMatch } from '../../workers/whoIsThis.js';
import { isFriendFlank } from '../../workers/friendFlank.js';

/** Alike at least so much, a place suggests one fish. */
const AGREES = 0.5;
const PART = FINE_PARTS.side;

interface EvidenceProps {
  readonly asked: AskedFlank;
  readonly mayBe: PossibleMatch;
  /** What the first of the two is called. */
  readonly says?: string;
}

/** Both flanks laid flat, one as it lies on the other, with the parts that agree; and one wiped across the other. */
export function Evidence({ asked, mayBe, says = whoText.thisPicture }: EvidenceProps) {
  const { flank, parts, shift, marks } = mayBe;
  const [pair, setPair] = useState<readonly [LaidFlat, LaidFlat] | 'gone'>();
  useEffect(() => {
    let past = false;
    const lay = async () => {
      const [ours, others] = [marks.same.map(([one]) => one), marks.same.map(([, other]) => other)];
      const here = await whoWorker().flat(asked, ours);
      const there = isFriendFlank(flank) ? await whoWorker().drawn(flank) : await laid(flank, others, shift);
      if (!past) setPair([here, there]);
    };
    lay().catch(() => past || setPair('gone'));
    return () => {
      past = true;
    };
  }, [asked, flank, shift, marks]);
  if (pair === 'gone') return <Notice>{whoText.theOtherPictureCould}</Notice>;
  if (!pair) return <p role="status">{whoText.straighteningBoth}</p>;
  // Parts overlap by half: every other one is shown.
  const places = parts.filter(({ column, row }) => column % PART === 0 && row % PART === 0);
  const agree = places.filter(({ likeness }) => likeness >= AGREES).length;
  return (
    <div className="grid gap-5">
      <Flat laid={pair[0]} says={says} places={places} kind={asked.kind} />
      <Flat
        laid={pair[1]}
        says={
          isFriendFlank(flank)
            ? whoText.theFlankThatShared({ from: flank.from })
            : whenText(flank.startedAt, undefined, flank.zone)
        }
        places={places}
        kind={asked.kind}
      />
      {marks.of > 0 && <p>{whoText.ofMarksThatWere({ sameCount: marks.same.length, of: marks.of })}</p>}
      <p>
        {whoText.ofPlacesAgreeFull({ agree, placesCount: places.length })}{' '}
        {!isFriendFlank(flank) && (
          <Link to={paths.capture(flank.captureId)} className="quiet-link">
            {whoText.thatCatchInThe}
          </Link>
        )}
      </p>
      <OneOnTheOther pair={pair} />
    </div>
  );
}

async function laid(
  { sha256, landmarks, of, kind }: FlankInBook,
  marks: readonly FlankPoint[],
  shift: PossibleMatch['shift'],
): Promise<LaidFlat> {
  const bytes = await pictureBytes(sha256, 'view');
  return whoWorker().flat({ bytes, landmarks, widthPx: of.widthPx, kind }, marks, shift);
}

/** Slow enough that the eye rests on each, quick enough that it sees what jumps. */
const BLINK_MS = 700;

/** Both in one place: one wiped across the other, or one after the other, so that what differs jumps. */
function OneOnTheOther({ pair: [here, there] }: { pair: readonly [LaidFlat, LaidFlat] }) {
  const [blinking, setBlinking] = useState(false);
  const [first, setFirst] = useState(true);
  useEffect(() => {
    if (!blinking) return undefined;
    const timer = setInterval(() => setFirst((now) => !now), BLINK_MS);
    return () => clearInterval(timer);
  }, [blinking]);
  return (
    <div className="grid gap-2">
      {blinking ? (
        <Drawn key={String(first)} bitmap={(first ? here : there).bitmap} label={whoText.bothInOnePlace} />
      ) : (
        <Wipe
          under={<Drawn bitmap={here.bitmap} label={whoText.thisPictureAndThe} />}
          over={<Drawn bitmap={there.bitmap} />}
        />
      )}
      <button
        type="button"
        className="button justify-self-start font-normal"
        aria-pressed={blinking}
        onClick={() => setBlinking(!blinking)}
      >
        {whoText.wipeInsteadBlinkBetween({ blinking })}
      </button>
    </div>
  );
}

interface FlatProps {
  readonly laid: LaidFlat;
  readonly says: string;
  readonly places: PossibleMatch['parts'];
  readonly kind: AskedFlank['kind'];
}

function Flat({ laid: { bitmap, marks }, says, places, kind }: FlatProps) {
  const { columns, rows, cell, fromU, fromV } = flankFrame(kind);
  return (
    <figure className="grid gap-1">
      <div className="relative">
        <Drawn bitmap={bitmap} label={says} />
        <svg viewBox={`0 0 ${columns} ${rows}`} aria-hidden className="absolute inset-0 size-full">
          {places.map(({ column, row, likeness }) => (
            <circle
              key={`${column} ${row}`}
              cx={column + PART / 2}
              cy={row + PART / 2}
              r={1.2}
              fill={likeness >= AGREES ? '#fff' : 'none'}
              stroke={likeness >= AGREES ? '#0008' : '#fffc'}
              strokeWidth={0.35}
            />
          ))}
          {marks.map(({ u, v }, i) => (
            <text
              key={i}
              x={(u - fromU) / cell}
              y={(v - fromV) / cell}
              textAnchor="middle"
              dominantBaseline="central"
              fontSize={6}
              fontWeight={700}
              fill="#fbf9f2"
              stroke="#0b0605"
              strokeWidth={1.4}
              paintOrder="stroke"
            >
              {i + 1}
            </text>
          ))}
        </svg>
      </div>
      <figcaption className="text-sm text-soft">{says}</figcaption>
    </figure>
  );
}

function Drawn({ bitmap, label }: { bitmap: ImageBitmap; label?: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    canvas.current?.getContext('2d')?.drawImage(bitmap, 0, 0);
  }, [bitmap]);
  return (
    <canvas
      ref={canvas}
      width={bitmap.width}
      height={bitmap.height}
      className="w-full rounded"
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    />
  );
}
