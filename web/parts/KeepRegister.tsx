import { useFlanks } from '../data/flanks.js';
import { useRegister } from '../data/known.js';
import { useTheirRegisters } from '../data/theirs.js';

/** Sees to it that the register is on this device before there is no signal any more. It shows nothing. */
export function KeepRegister() {
  useFlanks();
  useRegister();
  useTheirRegisters();
  return null;
}
