import { Link } from 'react-router';
import { speciesName } from '@keeper/core/domain/fish/species';
import type { RecordFilter } from '@keeper/core/findings/partOfRecord';
import type { WaterStock } from '@keeper/core/findings/waterStocks';
import { formatInterval } from '@keeper/core/measure/formatInterval';
import { massSystemOf, type MassSystem } from '@keeper/core/measure/mass';
import { paths } from '../../app/paths.js';
import { useSettings } from '../../data/queries.js';
import { useWaters } from '../../data/rows.js';
import { say } from '../../text/say.js';
import { FindingsFrame } from './FindingsFrame.js';
import { StockYears } from './StockYears.js';
import { Working } from './Working.js';
import { findingsText } from '../../parts/findings/text.en-GB.js';
import { useFindings } from '../../parts/findings/useFindings.js';

/** How many of a kind each water holds, by those that were met again. */
export function StocksPage() {
  return (
    <FindingsFrame title={findingsText.howMany} how={findingsText.stocksHow}>
      {(filter) => <Asked filter={filter} />}
    </FindingsFrame>
  );
}

function Asked({ filter }: { filter: RecordFilter }) {
  const { told, isAway, going } = useFindings('stocks', filter);
  return told ? <Stocks stocks={told} /> : <Working isAway={isAway} going={going} />;
}

/** Each stock in a sentence, with what it rests on. */
export function Stocks({ stocks }: { stocks: readonly WaterStock[] }) {
  const waters = useWaters();
  const system = massSystemOf(useSettings().massUnit);
  if (stocks.length === 0)
    return (
      <div className="grid max-w-prose justify-items-start gap-3">
        <p className="font-book text-xl">{findingsText.noneMetAgain}</p>
        <Link to={paths.sweep} className="button">
          {findingsText.whoIsWho}
        </Link>
      </div>
    );
  return (
    <>
      <ul className="border-b border-rule">
        {stocks.map((stock) => (
          <li key={`${stock.waterId} ${stock.species}`} className="break-inside-avoid border-t border-rule py-4">
            <p className={stock.isTold ? 'font-book text-2xl' : 'font-book text-lg'}>
              {counted(stock, waters.find(({ id }) => id === stock.waterId)?.name ?? findingsText.aWater)}
            </p>
            {stock.isTold && (
              <>
                <p className="max-w-prose text-soft">{told(stock).join(' ')}</p>
                {stock.growth && <p className="max-w-prose">{growthText(stock.growth, system)}</p>}
                {stock.byYear && <StockYears years={stock.byYear} />}
              </>
            )}
          </li>
        ))}
      </ul>
      {stocks.some(({ isTold }) => !isTold) && (
        <Link to={paths.sweep} className="button justify-self-start">
          {findingsText.whoIsWho}
        </Link>
      )}
      {stocks.some(({ isTold }) => isTold) && (
        <p className="max-w-prose text-sm text-soft">{findingsText.howCounted}</p>
      )}
    </>
  );
}

function counted({ species, found, untold, isTold }: WaterStock, water: string): string {
  const kind = say(speciesName(species));
  const { chapman, schnabel, catches } = found;
  if (!isTold) return findingsText.notToldApart({ kind, water, untold, all: catches + untold });
  const count = chapman ?? schnabel;
  if (count === null) return findingsText.tooFew({ kind, water, least: Math.ceil(found.chaoLeast) });
  const { fish, low, high } = count;
  return findingsText.counted({
    kind,
    water,
    fish: Math.round(fish),
    low: Math.floor(low),
    high: high === null ? null : Math.ceil(high),
  });
}

function told({ found, untold }: WaterStock): string[] {
  const { met, catches, recaptures, nextWasMet, schumacher, isUneven, chaoLeast } = found;
  return [
    findingsText.metIn({ met, catches, recaptures }),
    findingsText.nextWasMet({ tenths: (10 * nextWasMet).toFixed(0) }),
    ...(chaoLeast >= met + 0.5 ? [findingsText.neverMet({ fish: Math.round(chaoLeast - met) })] : []),
    ...(schumacher ? [findingsText.otherCount({ fish: Math.round(schumacher.fish) })] : []),
    ...(isUneven ? [findingsText.uneven] : []),
    ...(untold > 0 ? [findingsText.untoldCatches({ untold })] : []),
  ];
}

/** As if it were known to this, so that whole ounces are written: they are fine enough for a year. */
const WHOLE_OUNCES_G = 500;

function growthText({ fish, gramsAYear, low, high }: NonNullable<WaterStock['growth']>, system: MassSystem): string {
  const mass = (grams: number) => {
    const { value } = formatInterval(Math.abs(grams), WHOLE_OUNCES_G, system);
    return grams < 0 ? findingsText.less({ mass: value }) : value;
  };
  return findingsText.growth({ fish, by: mass(gramsAYear), low: mass(low), high: mass(high) });
}
