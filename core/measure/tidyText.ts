/**
 * A typed measure in one plain spelling: lower case, ordinary digits and spaces, one kind of dash, fractions written
 * out, and a decimal comma turned into a point. Example: `tidyMeasureText('23LB 11½ OZ ') === '23lb 11 1/2 oz'`.
 */
export function tidyMeasureText(text: string): string {
  return (
    text
      // A sign such as ⅜ would otherwise run into the digit before it when it is written out.
      .replace(/[¼-¾⅐-⅞]/g, ' $&')
      .normalize('NFKC')
      .toLowerCase()
      .replace(/[‐‑‒–—−]/g, '-')
      .replace(/⁄/g, '/')
      .replace(/(\d),(?=\d)/g, '$1.')
      .replace(/\s+/g, ' ')
      .trim()
  );
}
