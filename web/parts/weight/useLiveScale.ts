import { weightWords } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useEffect, useRef, useState } from 'react';
import { gramsOf, type MassUnit } from '@keeper/core/measure/mass';
import type { HangingScale } from '@keeper/core/weighing/hangingScale';
import { settle, type ScaleSample, type Settling } from '@keeper/core/weighing/settle';
import { readWeightPacket } from '@keeper/core/weighing/weightMeasurement';

/** Nobody waits longer for a first packet. */
const PATIENCE_MS = 6000;
/** So much of the past is looked at, and drawn. */
const LOOK_BACK_MS = 25_000;
/** A packet that says the same at the same moment came twice. */
const TWICE_MS = 20;
/** Nothing heard for so long, and what it said last is old. */
const SILENT_MS = 3000;

export type LiveScale =
  | { readonly is: 'off' }
  | { readonly is: 'connecting'; readonly name: string }
  | {
      readonly is: 'reading';
      readonly name: string;
      readonly unit: MassUnit;
      readonly samples: readonly ScaleSample[];
      readonly settling: Settling;
    }
  | { readonly is: 'failed'; readonly why: string };

/**
 * Listens to a scale and judges what it sends. A packet that cannot be read is left out; a scale that is gone says so
 * and takes nothing.
 */
export function useLiveScale(divisionGrams: number) {
  const [state, setState] = useState<LiveScale>({ is: 'off' });
  const letGo = useRef<() => void>(() => undefined);
  useEffect(() => () => letGo.current(), []);

  const stop = () => {
    letGo.current();
    setState({ is: 'off' });
  };

  const listen = async (scale: HangingScale) => {
    letGo.current();
    setState({ is: 'connecting', name: scale.name });
    let samples: ScaleSample[] = [];
    let over = false;
    let unread = 0;
    let release: () => void = () => undefined;
    let silence: ReturnType<typeof setTimeout>;
    const end = () => {
      over = true;
      clearTimeout(silence);
      release();
    };
    const fail = (why: string) => {
      if (over) return;
      end();
      setState({ is: 'failed', why });
    };
    const waitFor = (ms: number, why: string) => {
      clearTimeout(silence);
      silence = setTimeout(() => fail(why), ms);
    };
    waitFor(PATIENCE_MS, weightWords.theDoesNotAnswer({ name: scale.name }));
    letGo.current = end;
    try {
      release = await scale.connect({
        onGone: fail,
        onPacket: (packet) => {
          if (over) return;
          waitFor(SILENT_MS, weightWords.theHasStoppedSending({ name: scale.name }));
          const answer = readWeightPacket(packet);
          if (!answer.ok) {
            unread += 1;
            if (unread > 12) fail(weightWords.thatHappenedTooOften({ reason: say(answer.reason) }));
            return;
          }
          const atMs = performance.now();
          const { mass } = answer.value;
          const last = samples.at(-1);
          if (last && atMs - last.atMs < TWICE_MS) return;
          samples = [...samples.filter((sample) => sample.atMs > atMs - LOOK_BACK_MS), { atMs, grams: gramsOf(mass) }];
          setState({
            is: 'reading',
            name: scale.name,
            unit: mass.unit,
            samples,
            settling: settle(samples, divisionGrams),
          });
        },
      });
      if (over) release();
    } catch (cause) {
      fail(cause instanceof Error ? cause.message : weightWords.theScaleCouldNot);
    }
  };
  return { state, listen, stop };
}
