import { paths } from '../../app/paths.js';
import { fishText } from './text.en-GB.js';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** The head of a page that belongs to the register: the way back to it, and what the page is. */
export function UnderRegister({ children }: { children: ReactNode }) {
  return (
    <div>
      <p className="text-soft">
        <Link to={paths.register} className="quiet-link">
          {fishText.knownFish}
        </Link>
      </p>
      {children}
    </div>
  );
}
