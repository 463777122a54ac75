import { bankText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useEffect, useRef, useState } from 'react';
import { formatTemperature, type TempUnit } from '@keeper/core/measure/temperature';
import type { WaterProbe } from '@keeper/core/weather/probe';
import { readProbePacket, settledTemperature } from '@keeper/core/weather/probeTemperature';
import type { Position } from '@keeper/core/domain/water/water';
import { canUseBluetooth } from '../../data/bluetooth.js';
import { bluetoothProbe, simulatedProbe } from '../../data/probe.js';
import { Notice } from '../../parts/Notice.js';

interface ProbeReadingProps {
  readonly habit: TempUnit;
  readonly atMs: number;
  readonly position: Position | null;
  readonly onTaken: (waterC: number) => void;
}

/** Nobody waits longer for a first packet. */
const PATIENCE_MS = 6000;
const BY_HAND = bankText.readAThermometerAnd;

type ProbeState =
  | { readonly is: 'off' }
  | { readonly is: 'connecting'; readonly name: string }
  | {
      readonly is: 'reading';
      readonly name: string;
      readonly readings: readonly number[];
      readonly settledC: number | null;
    }
  | { readonly is: 'failed'; readonly why: string };

/**
 * Listens to a probe until its value has settled. What it sends is not believed unread; when it fails, hand entry is
 * one tap away.
 */
export function ProbeReading({ habit, atMs, position, onTaken }: ProbeReadingProps) {
  const [state, setState] = useState<ProbeState>({ is: 'off' });
  const letGo = useRef<() => void>(() => undefined);
  useEffect(() => () => letGo.current(), []);

  const listen = async (probe: WaterProbe) => {
    letGo.current();
    setState({ is: 'connecting', name: probe.name });
    let heard = false;
    let over = false;
    let release: () => void = () => undefined;
    const fail = (why: string) => {
      if (over) return;
      over = true;
      release();
      setState({ is: 'failed', why: `${why} ${BY_HAND}` });
    };
    const patience = setTimeout(() => !heard && fail(bankText.theDoesNotAnswer({ name: probe.name })), PATIENCE_MS);
    letGo.current = () => {
      over = true;
      clearTimeout(patience);
      release();
    };
    try {
      release = await probe.connect({
        onGone: fail,
        onPacket: (packet) => {
          if (over) return;
          heard = true;
          const answer = readProbePacket(packet);
          if (!answer.ok) return fail(say(answer.reason));
          setState((now) => {
            const before = now.is === 'reading' ? now : { readings: [], settledC: null };
            const readings = [...before.readings, answer.value].slice(-40);
            const settledC = settledTemperature(readings) ?? stillAt(before.settledC, answer.value);
            return { is: 'reading', name: probe.name, readings, settledC };
          });
        },
      });
      if (over) release();
    } catch (cause) {
      fail(cause instanceof Error ? cause.message : bankText.theProbeCouldNot);
    }
  };

  const last = state.is === 'reading' ? state.readings.at(-1) : undefined;
  const settled = state.is === 'reading' ? state.settledC : null;
  return (
    <div className="grid gap-3">
      {state.is === 'reading' && last !== undefined && (
        <div className="flex flex-wrap items-center gap-4">
          <p role="status" className="text-lg">
            <span className="text-3xl font-bold tabular-nums">{formatTemperature(settled ?? last, habit)}</span>{' '}
            {settled === null ? 'settling' : 'settled'}
          </p>
          <button
            type="button"
            className="button button-main"
            disabled={settled === null}
            onClick={() => {
              letGo.current();
              setState({ is: 'off' });
              if (settled !== null) onTaken(settled);
            }}
          >
            {bankText.takeThisReading}
          </button>
        </div>
      )}
      {state.is === 'connecting' && <p role="status">{bankText.lookingForThe({ name: state.name })}</p>}
      {state.is === 'failed' && <Notice role="alert">{state.why}</Notice>}
      {state.is !== 'reading' && (
        <div className="flex flex-wrap gap-2">
          <button type="button" className="button" onClick={() => void listen(simulatedProbe(atMs, position))}>
            {bankText.useTheSimulatedProbe}
          </button>
          {canUseBluetooth() && (
            <button type="button" className="button" onClick={() => void listen(bluetoothProbe())}>
              {bankText.useAProbeOver}
            </button>
          )}
        </div>
      )}
    </div>
  );
}

/** What has settled stays so while the probe only flickers about it: the control must not go from under a finger. */
function stillAt(settledC: number | null, nowC: number): number | null {
  return settledC !== null && Math.abs(nowC - settledC) <= FLICKER_C ? settledC : null;
}

const FLICKER_C = 0.3;
