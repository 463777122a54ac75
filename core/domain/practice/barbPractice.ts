/** Schools on the barb of a hook. */
export const BARB_PRACTICES = ['barbless', 'rolled', 'micro'] as const;
export type BarbPractice = (typeof BARB_PRACTICES)[number];
