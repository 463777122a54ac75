/** How the axes of every plot are drawn. */
export const PLOT_AXIS = {
  stroke: 'var(--edge)',
  tick: { fill: 'var(--ink-soft)', fontSize: 13 },
  tickLine: false,
} as const;
