import type { ReactNode } from 'react';

/** Something that went wrong or waits: what happened, what was kept, what to do. */
export function Notice({ children, role = 'status' }: { children: ReactNode; role?: 'status' | 'alert' }) {
  return (
    <div role={role} className="border-l-4 border-rust bg-leaf px-4 py-3">
      {children}
    </div>
  );
}

/** The sentence under a field that could not be read. */
export function FieldSentence({ id, children }: { id: string; children: ReactNode }) {
  return (
    <p id={id} role="alert" className="mt-1.5 font-medium text-rust">
      {children}
    </p>
  );
}
