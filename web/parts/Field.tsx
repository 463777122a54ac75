import type { ReactNode } from 'react';

/** One question of a form, with whatever answers it. */
export function Field({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div>
      <h3 className="mb-1.5 font-sans text-base font-semibold">{title}</h3>
      {children}
    </div>
  );
}
