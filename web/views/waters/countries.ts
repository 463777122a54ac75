import { COUNTRIES } from '@keeper/core/domain/water/emergency';
import { written } from '../../text/language.js';

/** Countries as the keeper's language writes them, in its order. */
export function countryOptions(): { value: string; label: string }[] {
  const names = new Intl.DisplayNames(written.language, { type: 'region' });
  return COUNTRIES.map((value) => ({ value, label: names.of(value) ?? value })).sort((a, b) =>
    a.label.localeCompare(b.label, written.language),
  );
}

/**
 * The country of a browser's region, where a water may lie in it; nothing for one that is not here. Example: `en-GB` is
 * `GB`.
 */
export function guessCountry(browserLanguage: string): string {
  const { region } = new Intl.Locale(browserLanguage).maximize();
  return COUNTRIES.find((country) => country === region) ?? '';
}
