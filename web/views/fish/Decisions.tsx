import { paths } from '../../app/paths.js';
import { fishText } from './text.en-GB.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { IdentityDecision } from '@keeper/core/domain/identity/identityDecision';
import { takeBack } from '../../data/identity.js';
import { useDecisions, useRegister, type Register } from '../../data/known.js';
import { useCaptureStates } from '../../data/useCaptureStates.js';
import { dayText } from '../../parts/when.js';
import { chanceWords } from '../who/chanceWords.js';
import { decisionsOfFish, type DecidedTogether } from './decisionsOfFish.js';

/**
 * Everything that was said about who this fish is, newest first, with what spoke for it. Nothing is silent, and all of
 * it can be taken back.
 */
export function Decisions({ fishId }: { fishId: string }) {
  const decisions = useDecisions();
  const register = useRegister();
  const ofFish = useMemo(() => decisions && decisionsOfFish(decisions, fishId), [decisions, fishId]);
  const timesOf = useTimes(ofFish, register);
  if (!ofFish) return <p className="text-soft">{fishText.decisionsAreOnThe}</p>;
  return (
    <ul className="border-b border-rule">
      {ofFish.map(({ key, decisions: together }) => (
        <Decided
          key={key}
          fishId={fishId}
          nameOf={(id) => register.nameOf(id)}
          timesOf={timesOf}
          decisions={together}
        />
      ))}
    </ul>
  );
}

interface Times {
  readonly startedAt: string | null;
  readonly begunAt: string | null;
}

type TimesOf = (captureId: string) => Times | undefined;

/**
 * When each catch was, and what its log counts from: of the register, or, where it is no longer of any fish in it, by
 * its own log.
 */
function useTimes(ofFish: readonly DecidedTogether[] | undefined, { fish }: Register): TimesOf {
  const known = useMemo(
    () => new Map<string, Times>(fish.flatMap(({ captures }) => captures.map((each) => [each.captureId, each]))),
    [fish],
  );
  const others = useMemo(() => {
    const all = (ofFish ?? []).flatMap(({ decisions }) =>
      decisions.flatMap(({ captureId, by }) => (by ? [captureId, by.captureId] : [captureId])),
    );
    return [...new Set(all)].filter((captureId) => !known.has(captureId));
  }, [ofFish, known]);
  const states = useCaptureStates(others);
  return (captureId) => known.get(captureId) ?? states.find((state) => state.captureId === captureId);
}

interface DecidedProps extends Pick<DecidedTogether, 'decisions'> {
  readonly fishId: string;
  readonly nameOf: (fishId: string) => string;
  readonly timesOf: TimesOf;
}

function Decided({ decisions, fishId, nameOf, timesOf }: DecidedProps) {
  const [first] = decisions;
  const { by, why, at, takenBackAt } = first;
  const { keep, notKept } = useRecord();
  const back = () =>
    void keep(() =>
      takeBack(
        decisions.map(({ captureId, eventId: id }) => ({ captureId, id })),
        (captureId) => timesOf(captureId)?.begunAt ?? null,
      ),
    );
  return (
    <li className="grid gap-1 border-t border-rule py-3">
      <NotKept when={notKept} />
      <span className={takenBackAt ? 'text-soft line-through' : ''}>
        {why ?? sentenceOf(first, fishId, nameOf, timesOf)}
        {why && decisions.length > 1 && fishText.catches({ decisionsCount: decisions.length })}
      </span>
      {by && (
        <span className="text-sm text-soft">
          {fishText.theFlanks({ probability: chanceWords(by.probability).toLowerCase() })}{' '}
          <Link to={paths.beside(first.captureId, by.sha256, by.captureId, by.otherSha)} className="quiet-link">
            {fishText.seeBoth}
          </Link>
        </span>
      )}
      <span className="flex flex-wrap items-center justify-between gap-x-4 text-sm text-soft">
        {dayText(at)}
        {takenBackAt ? (
          fishText.takenBackOn({ takenBackAt: dayText(takenBackAt) })
        ) : (
          <button type="button" className="quiet-link min-h-12" onClick={back}>
            {fishText.takeItBack}
          </button>
        )}
      </span>
    </li>
  );
}

function sentenceOf(
  { says, captureId, fishId: said, by }: IdentityDecision,
  fishId: string,
  nameOf: (fishId: string) => string,
  timesOf: TimesOf,
): string {
  const catchOf = (id: string) => {
    const day = timesOf(id)?.startedAt;
    return fishText.theCatchOf({ day: day ? dayText(day) : fishText.anotherDay });
  };
  if (says === 'unsure') return fishText.wasLeftOpen({ captureId: catchOf(captureId) });
  if (says === 'different')
    return fishText.isAnotherFishThan({
      captureId: catchOf(captureId),
      captureId2: lowered(catchOf(by?.captureId ?? '')),
    });
  const name = said === fishId ? fishText.thisFish : nameOf(said ?? '');
  return says === 'new'
    ? fishText.began({ captureId: catchOf(captureId), name })
    : fishText.is({ captureId: catchOf(captureId), name });
}

/** As it stands within a sentence; the month keeps its capital. */
function lowered(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}
