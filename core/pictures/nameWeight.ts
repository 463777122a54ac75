import { GRAMS_PER_POUND } from '../measure/mass.js';

const POUNDS = /(?<![\d.])(\d{1,3})\s?-?(?:lbs?|pounds?)(?:[ _.-]?(\d{1,2})\s?(?:oz|ounces?))?/i;
const KILOS = /(?<![\d.])(\d{1,3}(?:[.,]\d{1,3})?)\s?kg/i;

/**
 * The weight that stands in the name of a picture, in grams. Example: `Mirror 23lb 11oz.jpg` is 10,744 g.
 */
export function nameWeight(name: string): number | undefined {
  const [, pounds, ounces = '0'] = POUNDS.exec(name) ?? [];
  if (pounds !== undefined) return (Number(pounds) + Number(ounces) / 16) * GRAMS_PER_POUND;
  const [, kilos] = KILOS.exec(name) ?? [];
  return kilos === undefined ? undefined : Number(kilos.replace(',', '.')) * 1000;
}
