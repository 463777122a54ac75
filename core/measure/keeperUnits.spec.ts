import { formatSize, formatStrain, strainIn, strainKg } from './keeperUnits.js';

test('sizes and strains stand in the keeper’s unit', () => {
  expect([formatSize(1070, 'in'), formatSize(1070, 'cm')]).toEqual(['42 in', '107 cm']);
  expect([formatStrain(6.80388555, 'lb-oz'), formatStrain(6.8, 'kg'), formatStrain(7, 'lb-oz')]).toEqual([
    '15 lb',
    '6.8 kg',
    '15.4 lb',
  ]);
});

test('what was typed comes back as it was typed', () => {
  for (const pounds of [8, 12, 15, 35])
    expect(Number(strainIn(strainKg(pounds, 'lb-oz'), 'lb-oz').toFixed(1))).toBe(pounds);
  expect(strainKg(7, 'kg')).toBe(7);
});
