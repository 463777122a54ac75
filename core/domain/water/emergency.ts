/**
 * Numbers that bring an ambulance, where it is not 112. In the European Union 112 is the law (Directive (EU) 2018/1972,
 * article 109), and every mobile telephone takes it as an emergency call (3GPP TS 22.101, 10.1); the others are from
 * memory, to be verified by whoever fishes there.
 */
const NUMBERS: Readonly<Record<string, string>> = {
  US: '911',
  CA: '911',
  MX: '911',
  AU: '000',
  NZ: '111',
  GB: '999',
  JP: '119',
  KR: '119',
  BR: '192',
  CH: '144',
  NO: '113',
  ZA: '10177',
};

const EVERYWHERE = '112';

/** Countries that can be named for a water, by their two letters; the keeper's own language writes them out. */
export const COUNTRIES = [
  ...['AT', 'AU', 'BE', 'BG', 'BR', 'CA', 'CH', 'CY', 'CZ', 'DE', 'DK', 'EE', 'ES', 'FI', 'FR', 'GB', 'GR', 'HR'],
  ...['HU', 'IE', 'IS', 'IT', 'JP', 'KR', 'KZ', 'LT', 'LU', 'LV', 'MT', 'MX', 'NL', 'NO', 'NZ', 'PL', 'PT', 'RO'],
  ...['RS', 'SE', 'SI', 'SK', 'TR', 'UA', 'US', 'ZA'],
] as const;

/**
 * The number that brings an ambulance in a country; 112 where it is not known, which mobile telephones take everywhere.
 * Example: 999 in Britain, 112 in Portugal.
 */
export function emergencyNumber(country: string | null | undefined): string {
  return (country && NUMBERS[country]) || EVERYWHERE;
}
