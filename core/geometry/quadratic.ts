/**
 * What a surface of second degree is made of at a place, in the order in which every room here keeps its numbers: `1,
 * x, y, x², xy, y²`. Example: `quadraticTerms(2, 3)` is `[1, 2, 3, 4, 6, 9]`.
 */
export function quadraticTerms(x: number, y: number): [number, number, number, number, number, number] {
  return [1, x, y, x * x, x * y, y * y];
}
