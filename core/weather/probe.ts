/** What a probe tells while it is connected. */
export interface ProbeEvents {
  /** One value of the characteristic Temperature, as it came. */
  readonly onPacket: (packet: DataView) => void;
  /** The connection has ended, with a sentence saying why. */
  readonly onGone: (why: string) => void;
}

/** A water thermometer that sends by itself: the stand-in that ships, or a real one over Bluetooth. */
export interface WaterProbe {
  readonly name: string;
  /** Connects and begins to send; rejects with a sentence when it cannot. Resolves to a way of letting go. */
  connect(events: ProbeEvents): Promise<() => void>;
}
