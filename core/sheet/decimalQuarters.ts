import { tidyMeasureText } from '../measure/tidyText.js';
import type { SheetUnit } from './sheetField.js';

/** Inches with a point, as a tape gives them, in quarters; null of all else. Example: `31.3` in inches is 125.2. */
export function decimalQuarters(text: string, unit: SheetUnit | null): number | null {
  const [, number, inches] = /^(\d+\.\d+)\s*(in|ins|inch|inches|")?$/.exec(tidyMeasureText(text)) ?? [];
  return number !== undefined && (inches !== undefined || unit === 'in') ? Number(number) * 4 : null;
}
