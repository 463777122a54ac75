import { clockText } from '@keeper/core/measure/duration';

interface LargeClockProps {
  /** Where the fish is. */
  readonly status: string;
  readonly ms: number;
  /** While it is out of the water: how much of its time is used. */
  readonly stage?: string | undefined;
}

/** The largest thing of the run: where the fish is, and for how long. */
export function LargeClock({ status, ms, stage }: LargeClockProps) {
  const ink = stage === undefined ? 'text-ink' : stage === 'over' ? 'text-rust' : 'text-airink';
  return (
    <>
      <p role="status" className="font-book text-2xl font-semibold">
        {status}
      </p>
      <p data-stage={stage} className={`leading-none font-bold tabular-nums ${ink}`}>
        <span
          data-testid="large-clock"
          className="text-[clamp(4rem,min(27vw,13vh),12rem)] short:text-[7rem] lg:text-[12rem]"
        >
          {clockText(ms)}
        </span>
      </p>
    </>
  );
}
