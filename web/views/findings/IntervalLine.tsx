interface IntervalLineProps {
  readonly middle: number;
  /** Null where there are no limits. */
  readonly low: number | null;
  readonly high: number | null;
  /** What lies at the right end. */
  readonly most: number;
  readonly isMeant?: boolean;
}

/** A value as a stroke, on the line from its lower to its upper limit; its words stand beside it. */
export function IntervalLine({ middle, low, high, most, isMeant = false }: IntervalLineProps) {
  const at = (value: number) => 100 * Math.min(1, value / most);
  const line = { vectorEffect: 'non-scaling-stroke', strokeWidth: isMeant ? 4 : 2 } as const;
  return (
    <svg viewBox="0 0 100 10" preserveAspectRatio="none" className="h-5 w-full overflow-visible">
      <line x1="0" x2="100" y1="5" y2="5" className="stroke-rule" {...line} strokeWidth={1} />
      {low !== null && high !== null && (
        <line x1={at(low)} x2={at(high)} y1="5" y2="5" className={isMeant ? 'stroke-ink' : 'stroke-water'} {...line} />
      )}
      <line x1={at(middle)} x2={at(middle)} y1="0" y2="10" className="stroke-ink" {...line} />
    </svg>
  );
}
