import type { KeptSettings } from '@keeper/contract/preferences';

type Units = Pick<KeptSettings, 'massUnit' | 'lengthHabit' | 'tempHabit'>;

const METRIC: Units = { massUnit: 'g', lengthHabit: 'cm', tempHabit: 'C' };
const BRITISH: Units = { massUnit: 'oz', lengthHabit: 'in', tempHabit: 'C' };
const AMERICAN: Units = { massUnit: 'oz', lengthHabit: 'in', tempHabit: 'F' };

/**
 * The units that anglers of a browser's region weigh and measure in, until the keeper says otherwise: pounds in
 * Britain, Ireland and America, kilograms elsewhere (common practice, no source). Example: `de` is weighed in
 * kilograms.
 */
export function guessUnits(browserLanguage: string): Units {
  const { region } = new Intl.Locale(browserLanguage).maximize();
  if (region === 'GB' || region === 'IE') return BRITISH;
  return region === 'US' ? AMERICAN : METRIC;
}
