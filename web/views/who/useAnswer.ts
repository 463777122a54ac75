import { useEffect, useState } from 'react';
import type { FlankInBook } from '@keeper/contract/flanks';
import { whoWorker } from '../../data/flanks.js';
import type { Answer, AskedFlank } from '../../workers/whoIsThis.js';
import { type FriendFlank } from '../../workers/friendFlank.js';

/** What the register answers to a flank, once it has been gone over. */
export function useAnswer(
  asked: AskedFlank | undefined,
  register: readonly FlankInBook[] | undefined,
  theirs: readonly FriendFlank[],
) {
  const [answer, setAnswer] = useState<Answer>();
  useEffect(() => {
    if (!asked || !register) return undefined;
    let past = false;
    const find = async () => {
      await whoWorker().hold(register, theirs);
      const now = await whoWorker().ask(asked);
      if (!past) setAnswer(now);
    };
    void find();
    return () => {
      past = true;
    };
  }, [asked, register, theirs]);
  return answer;
}
