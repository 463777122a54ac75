import { Search } from 'lucide-react';
import { useEffect, useState } from 'react';
import { bookText } from './text.en-GB.js';

/** A search begins when so long nothing was typed. */
const PAUSE_MS = 250;

/** Where the book is searched: what is typed is looked for by itself after a pause, or at once by Enter. */
export function FindField({ value, onFind }: { value: string; onFind: (typed: string) => void }) {
  const [typed, setTyped] = useState(value);
  // An address that was opened says what is looked for, too.
  const [said, setSaid] = useState(value);
  if (said !== value) {
    setSaid(value);
    if (typed.trim() !== value) setTyped(value);
  }
  useEffect(() => {
    if (typed.trim() === value) return;
    const pause = setTimeout(() => onFind(typed.trim()), PAUSE_MS);
    return () => clearTimeout(pause);
  }, [typed, value, onFind]);
  return (
    <form
      role="search"
      className="relative min-w-0 flex-1"
      onSubmit={(event) => {
        event.preventDefault();
        onFind(typed.trim());
      }}
    >
      <Search
        size={20}
        aria-hidden
        className="pointer-events-none absolute top-1/2 left-3 -translate-y-1/2 text-soft"
      />
      <input
        type="search"
        className="field pl-11!"
        aria-label={bookText.find}
        placeholder={bookText.findExample}
        maxLength={200}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
    </form>
  );
}
