import { useOutbox } from '../../data/useCapture.js';
import { Notice } from '../../parts/Notice.js';
import { inAndOutText } from './text.en-GB.js';

/** What this device has not sent yet is in no backup: said before one is made. */
export function NotYetThere() {
  const { events, pictures, rows } = useOutbox();
  const waiting = [...events, ...pictures, ...rows].filter(({ state }) => state !== 'sent').length;
  return waiting === 0 ? null : <Notice role="status">{inAndOutText.notYetThere({ waiting })}</Notice>;
}
