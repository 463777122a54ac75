import { gramsOf, type MassSystem } from '@keeper/core/measure/mass';

const POUND_G = gramsOf({ unit: 'oz', count: 16 });

/** Weights that an angler looks up to, in g: whole pounds and then fives, or half kilograms and then two and a half. */
export function goalsIn(system: MassSystem): readonly number[] {
  const steps = (from: number, to: number, by: number) =>
    Array.from({ length: Math.round((to - from) / by) + 1 }, (_, i) => from + i * by);
  return system === 'kg'
    ? [...steps(1000, 7500, 500), ...steps(10_000, 100_000, 2500)]
    : [...steps(2, 19, 1), ...steps(20, 220, 5)].map((pounds) => pounds * POUND_G);
}
