import type { Mass, MassUnit } from '@keeper/core/measure/mass';

/** The tare that was last taken off on this device: the sling is mostly the same, and as wet. */
export function lastTare(unit: MassUnit): Mass | undefined {
  const kept = localStorage.getItem(`keeper.tare.${unit}`);
  return kept ? (JSON.parse(kept) as Mass) : undefined;
}

export function keepTare(tare: Mass): void {
  localStorage.setItem(`keeper.tare.${tare.unit}`, JSON.stringify(tare));
}
