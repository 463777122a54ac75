const ROUGHLY =
  /^(?:about|abt\.?|approx\.?|approximately|around|roughly|circa|c(?:a)?\.?(?=\s*\d)|est\.?|estimated|nearly|just (?:over|under)|over|under|~|≈|>|<)\s*|\s*(?:\+|\?|plus|ish|-ish|or so|est\.?|\(est\.?\)|estimated|approx\.?)$/gi;

/** A measure that is only nearly meant, without what says so; null of one that is meant. Example: `12+` is `12`. */
export function withoutRoughly(cell: string): string | null {
  const bare = cell.trim().replaceAll(ROUGHLY, '').replaceAll(ROUGHLY, '').trim();
  return bare === cell.trim() || !/\d/.test(bare) ? null : bare;
}
