import { comparedWeight, probabilityHeaviest } from '@keeper/core/weighing/heavier';
import { resultOfReading } from '@keeper/core/weighing/resultOf';
import { useSettings } from '../../data/queries.js';
import { useKit } from '../../data/rows.js';
import { useWeighed } from '../../data/useWeighing.js';

/** How likely one fish is truly heavier than another, by the doubts of both; null where one's weighing is not known. */
export function useChanceHeavier(): (captureId: string, thanId: string) => number | null {
  const weighed = useWeighed();
  const kit = useKit();
  const { rounding } = useSettings();
  const compared = (id: string) => {
    const fish = weighed.find(({ captureId }) => captureId === id);
    if (!fish?.weighing) return null;
    const result = resultOfReading(fish.weighing, fish.startedAt, kit, rounding);
    return result ? comparedWeight(result, fish.weighing.scalesId) : null;
  };
  return (captureId, thanId) => {
    const [one, other] = [compared(captureId), compared(thanId)];
    return one && other ? probabilityHeaviest(one, [other]) : null;
  };
}
