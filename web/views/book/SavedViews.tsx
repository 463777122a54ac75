import { X } from 'lucide-react';
import { Link, useSearchParams } from 'react-router';
import type { KeptView } from '@keeper/contract/views';
import { paths } from '../../app/paths.js';
import { writeRow } from '../../data/record.js';
import { useViews } from '../../data/rows.js';
import { useRecord } from '../../data/useRecord.js';
import { NotKept } from '../../parts/NotKept.js';
import { bookText } from './text.en-GB.js';

/** The views that were saved, each a tap away; the one that is shown can be removed. */
export function SavedViews() {
  const views = useViews();
  const [search] = useSearchParams();
  const { keep, notKept } = useRecord();
  const shown = search.toString();
  const remove = ({ id, updatedAt: _at, ...row }: KeptView) => {
    const retired = { ...row, retired: true };
    return keep(() => writeRow('views', id, retired));
  };
  if (views.length === 0) return null;
  return (
    <nav aria-label={bookText.savedViews} className="mb-3 flex flex-wrap gap-2">
      {views.map((view) => {
        const isShown = view.search === shown;
        return (
          <span key={view.id} className="inline-flex items-center">
            <Link
              to={`${paths.book}?${view.search}`}
              aria-current={isShown ? 'page' : undefined}
              className="button font-normal aria-[current]:font-semibold"
            >
              {view.name}
            </Link>
            {isShown && (
              <button
                type="button"
                className="grid size-11 place-items-center"
                aria-label={bookText.removeView({ name: view.name })}
                onClick={() => void remove(view)}
              >
                <X size={18} aria-hidden />
              </button>
            )}
          </span>
        );
      })}
      <NotKept when={notKept} />
    </nav>
  );
}
