/** Schools on the water temperature at which one stops fishing for a species. */
export const STOP_PRACTICES = ['per-species', 'eighty-fahrenheit', 'cool-pike'] as const;
export type StopPractice = (typeof STOP_PRACTICES)[number];
