import type { FlankArea } from './flankArea.js';

/**
 * How much room there is around the fish, as a share of the picture's width: below zero where a part of it is cut off.
 */
export function roomAround({ outline }: FlankArea, widthPx: number, heightPx: number): number {
  const xs = outline.map(({ x }) => x);
  const ys = outline.map(({ y }) => y);
  return Math.min(Math.min(...xs), Math.min(...ys), widthPx - Math.max(...xs), heightPx - Math.max(...ys)) / widthPx;
}
