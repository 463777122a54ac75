import { paths } from '../../app/paths.js';
import { kitText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useMemo, useState } from 'react';
import { tooBigFor } from '@keeper/core/bank/tooBigFor';
import { wetnessOf } from '@keeper/core/domain/kit/drying';
import { HOUR_MS } from '@keeper/core/measure/timeSpan';
import { formatMass } from '@keeper/core/measure/formatMass';
import { useMeasured } from '../../data/useMeasured.js';
import { Link } from 'react-router';
import { KIT_KIND_WORDS, lastTare } from '@keeper/core/domain/kit/kit';
import { judgeRig } from '@keeper/core/bank/judgeRig';
import type { KeptKitItem } from '@keeper/contract/kit';
import { speciesName } from '@keeper/core/domain/fish/species';
import { formatSize } from '@keeper/core/measure/keeperUnits';
import { gramsOf, massSystemOf } from '@keeper/core/measure/mass';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { newId } from '../../data/device.js';
import { useSettings } from '../../data/queries.js';
import { useMinute, useOwnRecords } from '../../data/useOutingAssessment.js';
import { useStandingKit, useStandingRigs, useWaters } from '../../data/rows.js';
import { Baits } from './Baits.js';
import { Section } from '../../parts/Section.js';
import { Unread } from '../../parts/Unread.js';
import { aboutGrams } from '../../parts/weight/massWords.js';
import { whenText } from '../../parts/when.js';

/** Rigs and kit: what each is good for, and what wants doing about it. */
export function Kit() {
  const rigs = useStandingRigs();
  const kit = useStandingKit();
  const { barbSchool, bank, massUnit } = useSettings();
  const nowMs = useMinute();
  const { lastFishAt } = useOwnRecords();
  const [freshRig] = useState(newId);
  const [freshItem] = useState(newId);
  return (
    <div className="grid max-w-3xl gap-10">
      <h1 className="text-3xl font-semibold">{kitText.kit}</h1>
      <Unread kind="kit" />
      <Section title={kitText.rigs}>
        <ul className="border-b border-rule">
          {rigs.map((rig) => {
            const { findings } = judgeRig({
              rig,
              rules: NO_RULES,
              water: '',
              school: barbSchool,
              gives: bank.gives,
              system: massSystemOf(massUnit),
              now: new Date(nowMs).toISOString(),
              lastFishAt: lastFishAt[rig.species],
            });
            return (
              <li key={rig.id} className="border-t border-rule">
                <Link to={paths.rig(rig.id)} className="block py-3">
                  <span className="flex flex-wrap justify-between gap-x-4">
                    <b>{rig.name}</b>
                    <span className="text-soft">
                      {kitText.hook({ species: say(speciesName(rig.species)), hookSize: rig.hookSize })}
                    </span>
                  </span>
                  <span className="block">{findings[0] && say(findings[0].text)}</span>
                </Link>
              </li>
            );
          })}
        </ul>
        <Link to={paths.rig(freshRig)} className="button mt-4">
          {kitText.addARig}
        </Link>
      </Section>
      <Baits />
      <Section title={kitText.kitOnTheBank}>
        <ul className="border-b border-rule">
          {kit.map((item) => (
            <KitRow key={item.id} item={item} />
          ))}
        </ul>
        <Link to={paths.kitItem(freshItem)} className="button mt-4">
          {kitText.addKit}
        </Link>
      </Section>
    </div>
  );
}

function KitRow({ item }: { item: KeptKitItem }) {
  const lastWater = useWaters().find(({ id }) => id === item.lastWater?.waterId);
  const tare = lastTare(item, true);
  const { massUnit, lengthHabit } = useSettings();
  const nowMs = useMinute();
  const fish = useMeasured();
  const tooBig = useMemo(() => tooBigFor(item, fish, nowMs).length, [item, fish, nowMs]);
  const kind = say(KIT_KIND_WORDS[item.kind]).toLowerCase();
  // “Dial scales” need not be called scales once more.
  const isNamed = item.name.toLowerCase().includes(kind);
  const about = [!isNamed && kind, item.sizeMm !== null && formatSize(item.sizeMm, lengthHabit)]
    .filter(Boolean)
    .join(', ');
  const says = [
    item.toReplace && kitText.toReplace,
    item.charge === 'low' && kitText.toBeCharged,
    item.spare && kitText.aSpare,
    item.onLanyard && kitText.onALanyard,
    tare && kitText.wet({ mass: aboutGrams(gramsOf(tare.mass), massUnit) }),
    item.capacityGrams && kitText.bears({ mass: aboutGrams(item.capacityGrams, massUnit) }),
    item.scale?.capacity && kitText.bears({ mass: formatMass(item.scale.capacity) }),
    item.meshMm && kitText.meshOf({ mm: item.meshMm }),
    item.paddingMm && kitText.thick({ mm: item.paddingMm }),
    item.inDateUntil && kitText.goodUntil({ inDateUntil: item.inDateUntil }),
    item.checkedAt && kitText.comparedWithAKnown({ checkedAt: whenText(item.checkedAt).replace(/,.*/, '') }),
    lastWater && kitText.lastWetAt({ name: lastWater.name, how: drynessText(item, nowMs) }),
    tooBig > 0 && kitText.tooBig({ count: tooBig }),
  ].filter(Boolean);
  return (
    <li className="border-t border-rule">
      <Link to={paths.kitItem(item.id)} className="flex min-h-14 flex-wrap items-center justify-between gap-x-4 py-2">
        <span>
          <b>{item.name}</b>
          {about && <span className="text-soft"> {about}</span>}
        </span>
        <span className="text-soft">{says.join(', ')}</span>
      </Link>
    </li>
  );
}

/** Whether it may go to another water. Examples: `, dipped since`; `, drying, 31 h to go`. */
function drynessText(item: KeptKitItem, nowMs: number): string {
  const wetness = wetnessOf(item, nowMs);
  if (wetness.is === 'wet') return kitText.stillWet;
  if (wetness.is === 'drying') return kitText.dryingStill({ hours: Math.ceil(wetness.leftMs / HOUR_MS) });
  return item.disinfected ? kitText.since({ how: item.disinfected.how }) : '';
}
