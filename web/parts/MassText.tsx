import { partsText } from './text.en-GB.js';
import { formatMass, formatMassIn } from '@keeper/core/measure/formatMass';
import { massSystemOf, type Mass, type MassUnit } from '@keeper/core/measure/mass';

/** A weight in the unit in which it was read; the keeper's own unit stands beside it when that is another. */
export function MassText({ mass, unit }: { mass: Mass | null; unit: MassUnit }) {
  if (!mass) return <span className="font-normal text-soft">{partsText.notWeighed}</span>;
  const system = massSystemOf(unit);
  const foreign = massSystemOf(mass.unit) !== system;
  return (
    <span className="whitespace-nowrap tabular-nums">
      {formatMass(mass)}
      {foreign && <span className="ml-2 text-[0.8em] font-normal text-soft">{formatMassIn(mass, system)}</span>}
    </span>
  );
}
