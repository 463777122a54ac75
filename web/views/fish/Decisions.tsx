import { Link } from 'react-router';
import type { IdentityDecision } from '@keeper/core/fish/identityDecision';
import { takeBack } from '../../data/identity.js';
import { useDecisions, useRegister, type Register } from '../../data/known.js';
import { dayText } from '../../parts/when.js';
import { chanceWords } from '../who/chanceWords.js';
import { decisionsOfFish, type DecidedTogether } from './decisionsOfFish.js';

/** Everything that was said about who this fish is, newest first, with what spoke for it. Nothing is silent, and all of it can be taken back. */
export function Decisions({ fishId }: { fishId: string }) {
  const decisions = useDecisions();
  const register = useRegister();
  if (!decisions) return <p className="text-soft">What was decided stands on the server, which is away.</p>;
  return (
    <ul className="border-b border-rule">
      {decisionsOfFish(decisions, fishId).map((together) => (
        <Decided key={together.key} fishId={fishId} register={register} decisions={together.decisions} />
      ))}
    </ul>
  );
}

function Decided({
  decisions,
  fishId,
  register,
}: Pick<DecidedTogether, 'decisions'> & { readonly fishId: string; readonly register: Register }) {
  const [first] = decisions;
  const { by, why, at, takenBackAt } = first;
  const back = () =>
    void takeBack(
      decisions.map(({ captureId, eventId: id }) => ({ captureId, id })),
      (captureId) => dayOf(register, captureId) ?? null,
    );
  return (
    <li className="grid gap-1 border-t border-rule py-3">
      <span className={takenBackAt ? 'text-soft line-through' : ''}>
        {why ?? sentenceOf(first, fishId, register)}
        {why && decisions.length > 1 && ` (${decisions.length} catches)`}
      </span>
      {by && (
        <span className="text-sm text-soft">
          The flanks: {chanceWords(by.probability).toLowerCase()}.{' '}
          <Link
            to={`/pictures/${first.captureId}/${by.sha256}/beside/${by.captureId}/${by.otherSha}`}
            className="quiet-link"
          >
            See both
          </Link>
        </span>
      )}
      <span className="flex flex-wrap items-center justify-between gap-x-4 text-sm text-soft">
        {dayText(at)}
        {takenBackAt ? (
          ` Taken back on ${dayText(takenBackAt)}.`
        ) : (
          <button type="button" className="quiet-link min-h-12" onClick={back}>
            Take it back
          </button>
        )}
      </span>
    </li>
  );
}

function sentenceOf(
  { says, captureId, fishId: said, by }: IdentityDecision,
  fishId: string,
  register: Register,
): string {
  const catchOf = (id: string) => `The catch of ${dayText(dayOf(register, id) ?? '') || 'another day'}`;
  if (says === 'unsure') return `${catchOf(captureId)} was left open.`;
  if (says === 'different')
    return `${catchOf(captureId)} is another fish than ${catchOf(by?.captureId ?? '').toLowerCase()}.`;
  const name = said === fishId ? 'this fish' : register.nameOf(said ?? '');
  return says === 'new' ? `${catchOf(captureId)} began ${name}.` : `${catchOf(captureId)} is ${name}.`;
}

function dayOf(register: Register, captureId: string): string | undefined {
  for (const { captures } of register.fish) {
    const found = captures.find((capture) => capture.captureId === captureId);
    if (found) return found.startedAt ?? undefined;
  }
  return undefined;
}
