/** Where a stand-in's time comes from. `every` calls again and again until its result is called. */
export interface StandinPlatform {
  readonly wait: (ms: number) => Promise<void>;
  readonly every: (ms: number, tick: () => void) => () => void;
}
