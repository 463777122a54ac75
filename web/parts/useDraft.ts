import { useEffect, useState } from 'react';

/** A form's values that outlive the page: nothing typed is lost to a closed tab. `clear` when it is in the book. */
export function useDraft<T extends object>(name: string, first: T): [T, (change: Partial<T>) => void, () => void] {
  const key = `keeper.draft.${name}`;
  const [draft, setDraft] = useState<T>(() => {
    const kept = localStorage.getItem(key);
    return kept ? { ...first, ...(JSON.parse(kept) as Partial<T>) } : first;
  });
  const [changed, setChanged] = useState(false);
  useEffect(() => {
    if (changed) localStorage.setItem(key, JSON.stringify(draft));
  }, [changed, draft, key]);
  return [
    draft,
    (change) => {
      setChanged(true);
      setDraft((standing) => ({ ...standing, ...change }));
    },
    () => {
      setChanged(false);
      localStorage.removeItem(key);
    },
  ];
}
