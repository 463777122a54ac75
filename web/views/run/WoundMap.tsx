import { runText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  woundPlace,
  WOUND_KINDS,
  WOUND_SIZES_MM,
  WOUND_WORDS,
  type Wound,
  type WoundKind,
  type WoundSide,
} from '@keeper/core/domain/fish/wound';
import { isOnFish, type FlankPoint } from '@keeper/core/domain/fish/flankPoint';
import { Choice } from '../../parts/Choice.js';
import { CHART_VIEW, chartX, FishChart, WoundMark } from '../../parts/FishChart.js';
import { woundName, woundSizeText, woundText } from '../../parts/woundText.js';
import type { RunDesk } from './runDesk.js';

const SIDES: readonly { value: WoundSide; label: string }[] = [
  { value: 'left', label: runText.leftFlank },
  { value: 'right', label: runText.rightFlank },
  { value: 'mouth', label: runText.mouth },
];
const MIDDLE: Readonly<Record<WoundSide, FlankPoint>> = {
  left: { u: 0.5, v: 0 },
  right: { u: 0.5, v: 0 },
  mouth: { u: 0.5, v: 0.2 },
};
const STEP = 0.03;

/**
 * What is seen when it is looked over: a tap on the drawn fish says where, one more what. Everything is kept in the
 * frame of the flank.
 */
export function WoundMap({ desk, onDone }: { desk: RunDesk; onDone: () => void }) {
  const { state, context, tap } = desk;
  const [side, setSide] = useState<WoundSide>('left');
  const [at, setAt] = useState<FlankPoint>();
  const [sizeMm, setSizeMm] = useState<number>(20);
  const forbidden = context.rules.treatments === 'forbidden';

  const note = async (kind: WoundKind) => {
    if (!at) return;
    if (!state.marks.some(({ type }) => type === 'looked-over')) await tap('looked-over', {});
    if (await tap('wound-noted', { wound: { kind, side, at, sizeMm } })) setAt(undefined);
  };
  const moved = (by: FlankPoint) => {
    const from = at ?? MIDDLE[side];
    const to = { u: from.u + (side === 'right' ? -by.u : by.u), v: from.v + by.v };
    if (inFrame(side, to)) setAt(round(to));
  };
  return (
    <div role="group" aria-label={runText.woundsAndMarks} className="grid gap-3">
      <Choice
        label={runText.whatYouLookAt}
        value={side}
        onChange={(next) => {
          setSide(next);
          setAt(undefined);
        }}
        options={SIDES}
      />
      <div
        role="application"
        aria-label={runText.tapWhereItIs({ label: SIDES.find(({ value }) => value === side)?.label ?? '' })}
        tabIndex={0}
        className="touch-manipulation rounded-md border border-edge bg-paper p-1"
        onPointerDown={(event) => {
          const to = pointIn(event, side);
          if (inFrame(side, to)) setAt(round(to));
        }}
        onKeyDown={(event) => arrow(event, moved)}
      >
        <FishChart species={context.species} side={side} label={chartWords(state.wounds, side)}>
          {state.wounds
            .filter((wound) => wound.side === side)
            .map((wound) => (
              <WoundMark key={wound.woundId} wound={wound} />
            ))}
          {at && <Cross side={side} at={at} />}
        </FishChart>
      </div>
      <p role="status" className="font-semibold">
        {at ? runText.atTheWhatIs({ at: say(woundPlace({ side, at })) }) : runText.tapWhereItIs2}
      </p>
      {at && (
        <>
          <Choice
            label={runText.howLarge}
            value={String(sizeMm)}
            onChange={(size) => setSizeMm(Number(size))}
            options={WOUND_SIZES_MM.map((size) => ({ value: String(size), label: woundSizeText(size) }))}
          />
          <div className="grid grid-cols-2 gap-2.5 sm:grid-cols-3">
            {WOUND_KINDS.map((kind) => (
              <button
                key={kind}
                type="button"
                className="button min-h-14 px-2 leading-tight"
                onClick={() => void note(kind)}
              >
                {woundName(kind)}
              </button>
            ))}
          </div>
        </>
      )}
      {state.wounds.length > 0 && (
        <ul>
          {state.wounds.map((wound) => (
            <li key={wound.woundId} className="border-t border-rule py-1.5">
              {woundText(wound)}
            </li>
          ))}
        </ul>
      )}
      {forbidden && state.wounds.length > 0 && <p>{runText.noTreatmentOnThis}</p>}
      <div className="grid grid-cols-3 gap-2.5">
        {!forbidden && state.wounds.length > 0 && (
          <>
            <button
              type="button"
              className="button min-h-16 px-2"
              onClick={() => void tap('treated', { with: 'antiseptic' })}
            >
              {runText.cleaned}
            </button>
            <button
              type="button"
              className="button min-h-16 px-2"
              onClick={() => void tap('treated', { with: 'sealant' })}
            >
              {runText.sealed}
            </button>
          </>
        )}
        <button type="button" className="button button-main col-start-3 min-h-16" onClick={onDone}>
          {runText.done}
        </button>
      </div>
    </div>
  );
}

function Cross({ side, at }: { side: WoundSide; at: FlankPoint }) {
  const [x, y, r] = [chartX(side, at), at.v, side === 'mouth' ? 0.06 : 0.035];
  return (
    <g stroke="var(--ink)" strokeWidth={side === 'mouth' ? 0.014 : 0.008} fill="none">
      <circle cx={x} cy={y} r={r} />
      <path d={`M${x - 2 * r} ${y}H${x + 2 * r}M${x} ${y - 2 * r}V${y + 2 * r}`} />
    </g>
  );
}

/** Where a tap fell, in the frame that is drawn. */
function pointIn(event: PointerEvent<HTMLElement>, side: WoundSide): FlankPoint {
  const box = event.currentTarget.querySelector('svg')?.getBoundingClientRect();
  const view = CHART_VIEW[side];
  const x = view.left + ((event.clientX - (box?.left ?? 0)) / (box?.width ?? 1)) * view.width;
  const v = view.top + ((event.clientY - (box?.top ?? 0)) / (box?.height ?? 1)) * view.height;
  return { u: chartX(side, { u: x, v }), v };
}

function inFrame(side: WoundSide, point: FlankPoint): boolean {
  if (side !== 'mouth') return isOnFish(point);
  return point.u >= 0 && point.u <= 1 && point.v >= 0 && point.v <= 1;
}

/** A thousandth of the fish is finer than any thumb. */
function round({ u, v }: FlankPoint): FlankPoint {
  return { u: Math.round(u * 1000) / 1000, v: Math.round(v * 1000) / 1000 };
}

function arrow(event: KeyboardEvent, moved: (by: FlankPoint) => void): void {
  const by = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key];
  if (!by) return;
  event.preventDefault();
  moved({ u: by[0] ?? 0, v: by[1] ?? 0 });
}

function chartWords(wounds: readonly Wound[], side: WoundSide): string {
  const here = wounds.filter((wound) => wound.side === side);
  return here.length === 0
    ? runText.nothingNotedHere
    : here.map((wound) => `${say(WOUND_WORDS[wound.kind])}, ${say(woundPlace(wound))}`).join('; ');
}
