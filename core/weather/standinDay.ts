/** Kinds of day that the stand-in of a weather service can be asked for. `as-it-falls` draws one by place and date. */
export const DAY_KINDS = ['as-it-falls', 'mild', 'heatwave', 'frost', 'thunder', 'grey'] as const;
export type DayKind = (typeof DAY_KINDS)[number];

/** What a stand-in can be told to do, as the real thing sometimes does by itself. */
export const BEHAVIOURS = ['well', 'fails', 'late', 'nonsense'] as const;
export type Behaviour = (typeof BEHAVIOURS)[number];
