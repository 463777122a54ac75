import { paths } from '../../app/paths.js';
import { runText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Undo2 } from 'lucide-react';
import { useNavigate } from 'react-router';
import type { CaptureEvent, Facts, RecoverySign } from '@keeper/core/domain/capture/event';
import { lastTap } from '@keeper/core/domain/capture/lastTap';
import { SIGN_WORDS } from '@keeper/core/domain/capture/sign';
import { STEP_WORDS, type RunStep } from '@keeper/core/domain/capture/steps';
import { WOUND_WORDS } from '@keeper/core/domain/fish/wound';
import type { RunDesk } from './runDesk.js';

/** Takes back the last tap; with nothing but the take, takes back the start itself. */
export function Undo({ desk }: { desk: RunDesk }) {
  const navigate = useNavigate();
  const { state, events, tap } = desk;
  const last = lastTap(events);
  const discard = () => void tap('discarded', {}).then((kept) => kept && navigate(paths.today));
  if (state.writtenUp) return <span className="w-14" />;
  return (
    <button
      type="button"
      className="flex min-h-14 max-w-[60%] items-center gap-2 px-2 font-semibold"
      onClick={() => (last ? void tap('undone', { eventId: last.id }) : discard())}
    >
      <Undo2 size={20} aria-hidden className="shrink-0" />
      <span className="truncate">{last ? runText.undo({ last: tapWord(last) }) : runText.noFish}</span>
    </button>
  );
}

const RECOVERY_WORDS: Readonly<Record<RecoverySign, string>> = {
  gills: runText.undoGills,
  fins: runText.undoFins,
  upright: runText.undoUpright,
  kick: runText.undoKick,
};

/** What a tap is called when it is to be taken back. */
export function tapWord(event: CaptureEvent): string {
  switch (event.type) {
    case 'lost':
      return runText.undoLost;
    case 'reading-taken':
      return runText.undoWeight;
    case 'hook-held':
      return runText.undoHookHeld;
    case 'described':
      return factsWord(event.payload.facts);
    case 'seen':
      return say(SIGN_WORDS[event.payload.sign]).toLowerCase();
    case 'wound-noted':
      return say(WOUND_WORDS[event.payload.wound.kind]);
    case 'sling-hung':
      return runText.emptySling;
    case 'treated':
      return event.payload.with === 'antiseptic' ? runText.undoCleaned : runText.undoSealed;
    case 'gill-beat':
      return runText.gillBeats;
    case 'recovering':
      return RECOVERY_WORDS[event.payload.sign];
    case 'left-as':
      return runText.howItLeft;
    case 'gap-told':
      return runText.whatBecameOfIt2;
    case 'interrupted':
      return runText.undoInterruption;
    default:
      return say(STEP_WORDS[event.type as RunStep].done);
  }
}

/** What was noted, by the first of it that has a name. */
function factsWord(facts: Facts): string {
  const words: readonly [keyof Facts, string][] = [
    ['species', runText.undoSpecies],
    ['guess', runText.undoGuess],
    ['overScale', runText.undoPastTheEnd],
    ['girth', runText.undoGirth],
    ['angler', runText.undoWhose],
  ];
  return words.find(([name]) => facts[name] !== undefined)?.[1] ?? runText.undoLength;
}
