/** What a scale tells while it is connected. Packets are those of `weightMeasurement`. */
export interface ScaleEvents {
  readonly onPacket: (packet: DataView) => void;
  /** It is gone, with a sentence that says how. */
  readonly onGone: (sentence: string) => void;
}

/**
 * A hanging scale, real or simulated. `connect` gives back how to let it go. @throws Error with a sentence when none
 * answers.
 */
export interface HangingScale {
  readonly name: string;
  readonly connect: (events: ScaleEvents) => Promise<() => void>;
}
