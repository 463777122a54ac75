/** In which order the numbers of a date stand. */
export const DATE_ORDERS = ['day-month-year', 'month-day-year', 'year-month-day'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

const NUMBERED = /^(\d{1,2})([/.-])(\d{1,2})\2(\d{1,4})$/;
/** Dates of another order than this share of all are slips. */
const SLIPS = 0.01;

/** The orders that a date of numbers can be in; none for a date with words, or that begins with all its year. */
export function ordersOf(date: string): readonly DateOrder[] {
  const [, one, , two, three = ''] = NUMBERED.exec(date.trim()) ?? [];
  if (one === undefined) return [];
  const [first, second, last] = [Number(one), Number(two), Number(three)];
  const endsInYear = three.length === 2 || three.length === 4;
  const can: Readonly<Record<DateOrder, boolean>> = {
    'day-month-year': endsInYear && first <= 31 && second <= 12,
    'month-day-year': endsInYear && first <= 12 && second <= 31,
    'year-month-day': three.length <= 2 && one.length === 2 && second <= 12 && last <= 31,
  };
  return DATE_ORDERS.filter((order) => can[order]);
}

/**
 * The order that dates are in, by those among them that can be in no other; null where they leave it open. Example:
 * with `25/12/05` among them the day comes first.
 */
export function foundOrder(dates: readonly string[]): DateOrder | null {
  const each = dates.map(ordersOf).filter((orders) => orders.length > 0);
  const fits = DATE_ORDERS.filter(
    (order) => each.filter((orders) => !orders.includes(order)).length <= SLIPS * each.length,
  );
  const [only, other] = fits;
  return only !== undefined && other === undefined ? only : null;
}

/** A date that begins with two figures of its year, with all four: of this century what has been, else of the last. */
export function withWholeYear(date: string, today: string): string {
  const [, year, sign, month, day] = /^(\d{2})([/.-])(\d{1,2})\2(\d{1,2})$/.exec(date.trim()) ?? [];
  if (year === undefined) return date;
  const century = Number(year) <= Number(today.slice(2, 4)) ? Number(today.slice(0, 2)) : Number(today.slice(0, 2)) - 1;
  return [`${century}${year}`, month, day].join(sign);
}
