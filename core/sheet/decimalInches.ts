import { tidyMeasureText } from '../measure/tidyText.js';
import type { SheetUnit } from './sheetField.js';

/** Inches with a point, as a tape gives them; null of all else. Example: `31.3` of a column in inches. */
export function decimalInches(text: string, unit: SheetUnit | null): number | null {
  const [, number, inches] = /^(\d+\.\d+)\s*(in|ins|inch|inches|")?$/.exec(tidyMeasureText(text)) ?? [];
  return number !== undefined && (inches !== undefined || unit === 'in') ? Number(number) : null;
}
