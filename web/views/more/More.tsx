import { moreText } from './text.en-GB.js';
import { Link } from 'react-router';
import { FURTHER_PLACES } from '../../app/places.js';

/** What has no room at the foot of a phone. */
export function More() {
  return (
    <div>
      <h1 className="mb-4 text-3xl font-semibold">{moreText.more}</h1>
      <ul className="border-b border-rule">
        {FURTHER_PLACES.map(({ to, name, Icon }) => (
          <li key={to} className="border-t border-rule">
            <Link to={to} className="flex min-h-16 items-center gap-4 text-lg">
              <Icon size={24} strokeWidth={1.75} aria-hidden />
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}
