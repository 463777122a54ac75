import { partsText } from './text.en-GB.js';
import { Download } from 'lucide-react';
import { outbox } from '../data/deviceOutbox.js';

/** Writes what waits on this device into a file of its own, where it is safe from a full device. */
export function SaveUnsent() {
  const take = async () => {
    const { outboxExport: outboxExport } = await import('../data/outboxExport.js');
    const url = URL.createObjectURL(await outboxExport(outbox.snapshot()));
    const link = document.createElement('a');
    link.href = url;
    link.download = `waiting-${new Date().toISOString().slice(0, 16).replace(/[:T]/g, '-')}.zip`;
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <button type="button" className="button" onClick={() => void take()}>
      <Download size={20} aria-hidden />
      {partsText.saveUnsentEntriesTo}
    </button>
  );
}
