const FRACTIONS: Readonly<Record<string, string>> = { '¼': ' 1/4', '½': ' 1/2', '¾': ' 3/4', '⅛': ' 1/8' };

/**
 * A typed measure in one plain spelling: lower case, ordinary digits and spaces, one kind of dash, fractions written out,
 * and a decimal comma turned into a point.
 * Example: `tidyMeasureText('23LB 11½ OZ ') === '23lb 11 1/2 oz'`.
 */
export function tidyMeasureText(text: string): string {
  return text
    .replace(/[¼½¾⅛]/g, (sign) => FRACTIONS[sign] ?? sign)
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/⁄/g, '/')
    .replace(/(\d),(?=\d)/g, '$1.')
    .replace(/\s+/g, ' ')
    .trim();
}
