import { weighText } from './text.en-GB.js';
import { gramsOf } from '@keeper/core/measure/mass';
import type { TareNote } from '@keeper/core/domain/kit/tareNote';
import { useSettings } from '../../data/queries.js';
import { aboutGrams } from '../../parts/weight/massWords.js';
import { whenText } from '../../parts/when.js';

/** Every weighing of one sling, the newest first. */
export function TareList({ tares }: { tares: readonly TareNote[] }) {
  const { massUnit } = useSettings();
  return (
    <details className="mt-2">
      <summary className="min-h-9 cursor-pointer list-none underline decoration-edge underline-offset-4">
        {weighText.itsOneWeighingIts({ taresCount: tares.length })}
      </summary>
      <ul className="border-b border-rule">
        {tares
          .toSorted((a, b) => Date.parse(b.at) - Date.parse(a.at))
          .map((tare) => (
            <li
              key={`${tare.at}${tare.wet}`}
              className="flex justify-between gap-4 border-t border-rule py-2 tabular-nums"
            >
              <span>{whenText(tare.at)}</span>
              <span>
                {aboutGrams(gramsOf(tare.mass), massUnit)}, {tareWords(tare)}
              </span>
            </li>
          ))}
      </ul>
    </details>
  );
}

function tareWords({ wet, hungMin }: TareNote): string {
  if (!wet) return weighText.dry;
  return hungMin === undefined ? 'wet' : weighText.wetHungForMin({ hungMin });
}
