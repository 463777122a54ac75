import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { FINE_PARTS } from '@keeper/core/flank/comparePrints';
import { flankFrame } from '@keeper/core/flank/flankFrame';
import { pictureBytes } from '../../data/pictureBytes.js';
import { whoWorker } from '../../data/flanks.js';
import { Notice } from '../../parts/Notice.js';
import { Wipe } from '../../parts/Wipe.js';
import { whenText } from '../../parts/when.js';
import type { AskedFlank, MayBe } from '../../workers/whoIsThis.js';

/** Alike at least so much, a place speaks for one fish. */
const AGREES = 0.5;
const PART = FINE_PARTS.side;

/** Both flanks laid flat, one as it lies on the other, with the parts that agree; and one wiped across the other. */
export function Evidence({ asked, mayBe }: { asked: AskedFlank; mayBe: MayBe }) {
  const { flank, parts, shift } = mayBe;
  const [pair, setPair] = useState<readonly [ImageBitmap, ImageBitmap] | 'gone'>();
  useEffect(() => {
    let past = false;
    const lay = async () => {
      const here = await whoWorker().flat(asked.bytes, asked.landmarks, undefined, asked.kind);
      const bytes = await pictureBytes(flank.sha256, 'view');
      const there = await whoWorker().flat(bytes, flank.landmarks, flank.of.widthPx, flank.kind, shift);
      if (!past) setPair([here, there]);
    };
    lay().catch(() => past || setPair('gone'));
    return () => {
      past = true;
    };
  }, [asked, flank, shift]);
  if (pair === 'gone')
    return <Notice>The other picture does not come: the server is away. The comparison stands.</Notice>;
  if (!pair) return <p role="status">Laying both flat…</p>;
  // Parts overlap by half: every other one is shown.
  const places = parts.filter(({ column, row }) => column % PART === 0 && row % PART === 0);
  const agree = places.filter(({ likeness }) => likeness >= AGREES).length;
  return (
    <div className="grid gap-5">
      <Flat bitmap={pair[0]} says="This picture" places={places} kind={asked.kind} />
      <Flat bitmap={pair[1]} says={whenText(flank.startedAt)} places={places} kind={asked.kind} />
      <p>
        {agree} of {places.length} places agree: full dots where they do, rings where not.{' '}
        <Link to={`/book/${flank.captureId}`} className="quiet-link">
          That catch in the book
        </Link>
      </p>
      <div className="grid gap-2">
        <Wipe
          under={<Drawn bitmap={pair[0]} label="This picture, and the other wiped across it" />}
          over={<Drawn bitmap={pair[1]} />}
        />
      </div>
    </div>
  );
}

interface FlatProps {
  readonly bitmap: ImageBitmap;
  readonly says: string;
  readonly places: MayBe['parts'];
  readonly kind: AskedFlank['kind'];
}

function Flat({ bitmap, says, places, kind }: FlatProps) {
  const { columns, rows } = flankFrame(kind);
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
