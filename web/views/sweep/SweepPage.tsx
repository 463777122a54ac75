import { sweepText } from './text.en-GB.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { FlankInBook } from '@keeper/contract/flanks';
import type { CaptureEvent } from '@keeper/core/domain/capture/event';
import { sweepLinks } from '@keeper/core/recognition/identity/sweepLinks';
import { useFlanks } from '../../data/flanks.js';
import { saySameFish, sayTwoFish, takeBack } from '../../data/identity.js';
import { useApart, useRegister } from '../../data/known.js';
import { goOnSweeping, pauseSweep, useSweep, type AlikeFound } from '../../data/sweep.js';
import { PairShown } from './PairShown.js';
import { UnderRegister } from '../fish/UnderRegister.js';

/**
 * Goes through the whole book for fish that were had more than once: one link after the other, the surest first, one
 * key for each.
 */
export function SweepPage() {
  const flanks = useFlanks();
  const sweep = useSweep();
  const register = useRegister();
  const apart = useApart();
  const [laterOnes, setLater] = useState<ReadonlySet<string>>(new Set());
  const [said, setSaid] = useState<readonly CaptureEvent[]>([]);
  const deciding = useRef<Promise<readonly CaptureEvent[]>>(Promise.resolve([]));
  const byId = useMemo(() => new Map(flanks?.flanks.map((flank) => [flank.captureId, flank])), [flanks]);
  const here = useMemo(
    () => sweep.found.filter(({ captureId, otherId }) => byId.has(captureId) && byId.has(otherId)),
    [sweep.found, byId],
  );
  const links = useMemo(
    () =>
      sweepLinks(
        here,
        (captureId) => register.fishOf(captureId) ?? captureId,
        (a, b) => apart.has(`${a} ${b}`) || apart.has(`${b} ${a}`),
      ),
    [here, register, apart],
  );
  const open = links.filter(({ alike }) => !laterOnes.has(keyOf(alike)));
  const [link] = open;

  const { keep, notKept } = useRecord();
  const begunAt = (captureId: string) => byId.get(captureId)?.begunAt ?? null;
  const decide = async (how: 'same' | 'two' | 'later') => {
    if (!link) return;
    const { alike } = link;
    if (how === 'later') return setLater(new Set([...laterOnes, keyOf(alike)]));
    const [one, other] = [alike.captureId, alike.otherId].map((captureId) => ({
      captureId,
      begunAt: begunAt(captureId),
      fishId: register.fishOf(captureId) ?? null,
    }));
    if (!one || !other) return;
    const by = {
      sha256: alike.sha256,
      captureId: alike.otherId,
      otherSha: alike.otherSha,
      score: alike.score,
      probability: alike.probability,
    };
    deciding.current = how === 'same' ? saySameFish(one, other, register, by) : sayTwoFish(one, by);
    setSaid(await deciding.current);
    // The next link is shown at once; the register follows when the server has told it anew.
    setLater(new Set([...laterOnes, keyOf(alike)]));
  };
  const back = async () => {
    // The pair is gone from sight before its decision has settled: who takes it back at once means that one.
    await takeBack(await deciding.current, begunAt);
    deciding.current = Promise.resolve([]);
    setSaid([]);
    setLater(new Set());
  };
  useKeys({
    s: () => void keep(() => decide('same')),
    d: () => void keep(() => decide('two')),
    l: () => void keep(() => decide('later')),
    z: () => void keep(back),
  });

  return (
    <div className="grid gap-6">
      <UnderRegister>
        <h1 className="text-3xl font-semibold">{sweepText.sweepTheBook}</h1>
      </UnderRegister>
      <Progress flanks={flanks?.flanks} coming={flanks?.coming ?? 0} />
      <NotKept when={notKept} />
      {link ? (
        <PairShown
          key={keyOf(link.alike)}
          alike={link.alike}
          flanks={flanks?.flanks ?? []}
          group={link.group}
          left={open.length}
          decide={(how) => void keep(() => decide(how))}
        />
      ) : (
        <p className="max-w-prose text-lg">
          {sweep.going
            ? sweepText.nothingThatLooksLike
            : sweep.done > 0
              ? sweepText.nothingIsLeftTo
              : sweepText.everyFlankOfThe}
        </p>
      )}
      {said.length > 0 && (
        <button type="button" className="button justify-self-start" onClick={() => void keep(back)}>
          {sweepText.takeTheLastOne} <kbd className="ml-2 text-soft">Z</kbd>
        </button>
      )}
    </div>
  );
}

function keyOf({ captureId, otherId }: AlikeFound): string {
  return `${captureId} ${otherId}`;
}

/** How far it is, and the way to begin, pause and go on. */
function Progress({ flanks, coming }: { flanks: readonly FlankInBook[] | undefined; coming: number }) {
  const { done, all, going } = useSweep();
  if (!flanks) return <p role="status">{sweepText.openingTheRegister}</p>;
  // Begun now, it would have nothing to go through and be over at once.
  if (flanks.length === 0 && coming > 0) return <p role="status">{sweepText.thePicturesOfThe}</p>;
  if (flanks.length === 0) return <p role="status">{sweepText.noFlankIsIn}</p>;
  const total = going ? all : Math.max(done, flanks.length);
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
      <button
        type="button"
        className={`button min-w-40 ${done === 0 && !going ? 'button-main' : ''}`}
        onClick={() => (going ? pauseSweep() : void goOnSweeping(flanks))}
      >
        {going
          ? sweepText.pause
          : done > 0 && done < total
            ? sweepText.goOn
            : done > 0
              ? sweepText.sweepAgainForNew
              : sweepText.begin}
      </button>
      <p role="status" className="tabular-nums">
        {sweepText.ofFlanksComparedWith({ done, total })}
        {coming > 0 && sweepText.picturesOfTheBook({ coming })}
      </p>
      <progress
        value={done}
        max={Math.max(1, total)}
        className="h-2 w-full"
        aria-label={sweepText.flanksComparedWithThe}
      />
    </div>
  );
}

/** One key for each decision, unless something is being typed. */
function useKeys(keys: Readonly<Record<string, () => void>>): void {
  // With the picture, not after it: a key means what is on the screen.
  useLayoutEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      if (event.target instanceof HTMLInputElement && event.target.type !== 'range') return;
      keys[event.key.toLowerCase()]?.();
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  });
}
