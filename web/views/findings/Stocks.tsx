import { Link } from 'react-router';
import { speciesName } from '@keeper/core/domain/fish/species';
import type { WaterStock } from '@keeper/core/findings/waterStocks';
import { paths } from '../../app/paths.js';
import { useWaters } from '../../data/rows.js';
import { Section } from '../../parts/Section.js';
import { say } from '../../text/say.js';
import { findingsText } from './text.en-GB.js';

/** How many of a kind a water holds, by those that were met again. */
export function Stocks({ stocks }: { stocks: readonly WaterStock[] }) {
  const waters = useWaters();
  if (stocks.length === 0) return null;
  return (
    <Section title={findingsText.howMany}>
      <ul className="border-b border-rule">
        {stocks.map((stock) => (
          <li key={`${stock.waterId} ${stock.species}`} className="border-t border-rule py-4">
            <p className="font-book text-xl">
              {counted(stock, waters.find(({ id }) => id === stock.waterId)?.name ?? findingsText.aWater)}
            </p>
            {stock.isTold ? (
              <p className="max-w-prose text-soft">{told(stock).join(' ')}</p>
            ) : (
              <Link to={paths.sweep} className="quiet-link">
                {findingsText.whoIsWho}
              </Link>
            )}
          </li>
        ))}
      </ul>
      {stocks.some(({ isTold, found }) => isTold && found.schnabel) && (
        <p className="mt-2 max-w-prose text-sm text-soft">{findingsText.howCounted}</p>
      )}
    </Section>
  );
}

function counted({ species, found, untold, isTold }: WaterStock, water: string): string {
  const kind = say(speciesName(species));
  const { schnabel, catches } = found;
  if (!isTold) return findingsText.notToldApart({ kind, water, untold, all: catches + untold });
  if (schnabel === null) return findingsText.tooFew({ kind, water, least: Math.ceil(found.chaoLeast) });
  const { fish, low, high } = schnabel;
  return findingsText.counted({
    kind,
    water,
    fish: Math.round(fish),
    low: Math.floor(low),
    high: Number.isFinite(high) ? Math.ceil(high) : null,
  });
}

function told({ found, untold }: WaterStock): string[] {
  const { met, catches, recaptures, nextWasMet, schumacher, isUneven } = found;
  return [
    findingsText.metIn({ met, catches, recaptures }),
    findingsText.nextWasMet({ tenths: (10 * nextWasMet).toFixed(0) }),
    ...(schumacher && Number.isFinite(schumacher.fish)
      ? [findingsText.otherCount({ fish: Math.round(schumacher.fish) })]
      : []),
    ...(isUneven ? [findingsText.uneven] : []),
    ...(untold > 0 ? [findingsText.untoldCatches({ untold })] : []),
  ];
}
