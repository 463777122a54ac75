import { useQuery } from '@tanstack/react-query';
import type { BookPage } from '@keeper/contract/book';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { ask } from '../../data/api.js';

/** Every page of the book of one year, oldest first. */
export function useSeason(year: string) {
  return useQuery({
    queryKey: ['book', 'season', year],
    queryFn: async () => {
      const rows: CaptureSummary[] = [];
      let after: string | null = null;
      do {
        const query = new URLSearchParams({
          fromDay: `${year}-01-01`,
          toDay: `${year}-12-31`,
          order: 'oldest',
          limit: '100',
          ...(after !== null && { after }),
        });
        const page: BookPage = await ask<BookPage>(`/captures?${query.toString()}`);
        rows.push(...page.rows);
        after = page.next;
      } while (after !== null);
      return rows;
    },
  });
}
