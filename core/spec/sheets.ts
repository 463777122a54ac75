import type { Sheet, SheetTable } from '../sheet/sheet.js';
import { tablesOf } from '../sheet/tablesOf.js';

/** Invented: a title, headings, four fish and a foot. */
export const FIRST_SHEET: Sheet = {
  name: 'Season',
  rows: [
    ['My season'],
    [],
    ['Date', 'Lake', 'Species', 'Weight', 'Bait'],
    ['14/06/2019', 'Harle Mere', 'Mirror', '23-11', 'Boilie'],
    ['15/06/2019', 'Harle Mere', 'Common', '19 lb 4 oz', 'Boilies'],
    ['', '', '', '', ''],
    ['2/7/2019', 'Long Pond', 'Tench', '6-2', 'Bread'],
    ['Total', '', '3 fish', '', ''],
  ],
};

/** Invented: what people write into cells. */
export const DIRTY: Sheet = {
  name: 'Dirt',
  rows: [
    ['Date', 'Water', 'Species', 'Weight', 'Length (cm)', 'Notes', 'Moon'],
    ['03/04/05', 'Harle Mere', 'Pike', '23.11', '101', 'wind', 'full'],
    ['June 2006', 'Harle mere', 'pike', 'about 12', '', '', ''],
    ['sometime', 'Harle Mere', 'Pike', '11', '', '', ''],
    ['2007', 'Harle Mere', 'Grayling', 'a monster', '38.25', 'first of its kind', ''],
    ['43630', 'Harle Mere', 'Pike', '1 st 3 lb', '', '', ''],
    ['14/08/2019 18:40', 'Harle Mere', 'Pike', '8,45 kg', '', '', ''],
    ['Total', '', '', '99', '', '', ''],
  ],
};

export function tableOf(sheet: Sheet): SheetTable {
  const [table] = tablesOf(sheet);
  if (!table) throw new Error('That sheet has no table.');
  return table;
}
