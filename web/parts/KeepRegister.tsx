import { useEffect } from 'react';
import { useFlanks, whoWorker } from '../data/flanks.js';
import { useRegister } from '../data/known.js';
import { useFriendRegisters } from '../data/friendRegisters.js';

/** Sees to it that the register is on this device before there is no signal any more. It shows nothing. */
export function KeepRegister() {
  const flanks = useFlanks()?.flanks;
  useRegister();
  useFriendRegisters();
  useEffect(() => {
    // Prints are brought here by the thread that compares them: the page is not held up.
    if (flanks && flanks.length > 0) void whoWorker().keep(flanks);
  }, [flanks]);
  return null;
}
