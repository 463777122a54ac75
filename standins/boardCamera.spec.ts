import { createRng } from '@keeper/core/statistics/rng';
import { boardLength } from '@keeper/core/pictures/boardLength';
import { drawPicturedBoard } from './boardCamera.js';
import { cameraHold, cameraScene } from './camera.js';

test('boards under known cameras are read within a hundredth, and the stated doubt covers the truth', () => {
  const luck = createRng('boards of a test');
  let [close, covered] = [0, 0];
  const boards = 300;
  for (let i = 0; i < boards; i += 1) {
    const board = drawPicturedBoard(luck);
    const read = boardLength(board);
    if (!read.ok) continue;
    const off = Math.abs(read.value.lengthMm - board.trueMm);
    if (off <= 0.01 * board.trueMm) close += 1;
    if (off <= 2 * read.value.uMm) covered += 1;
  }
  expect(close / boards).toBeGreaterThan(0.95);
  expect(covered / boards).toBeGreaterThan(0.92);
  expect(covered / boards).toBeLessThan(0.98);
});

test('without taps that are off the fit is exact at any angle', () => {
  const luck = createRng('exact boards');
  for (let i = 0; i < 50; i += 1) {
    const board = drawPicturedBoard(luck, { mostTiltRad: 0.7, tapPx: 0 });
    const read = boardLength({ ...board, tapPx: 0.01 });
    expect(read.ok && Math.abs(read.value.lengthMm - board.trueMm)).toBeLessThan(0.01);
  }
});

test('the simulated camera shows the same fish each time, another on the other side, and is never quite still', () => {
  const scene = (side: 'left' | 'right') => cameraScene('a fish', 'pike', side, 96);
  expect(scene('left').rgba).toEqual(scene('left').rgba);
  expect(scene('left').rgba).not.toEqual(scene('right').rgba);
  expect([scene('left').widthPx, scene('left').heightPx]).toEqual([96, 72]);
  const holds = Array.from({ length: 100 }, (_, i) => cameraHold(i * 0.2));
  expect(new Set(holds.map(({ shiftX }) => shiftX.toFixed(4))).size).toBeGreaterThan(50);
  // What is seen never reaches beyond the scene: it is larger by a tenth.
  for (const { shiftX, near } of holds) expect(Math.abs(shiftX)).toBeLessThan((near - 1) / 2 / near + 0.02);
  expect(holds.some(({ blurPx }) => blurPx > 1)).toBe(true);
  expect(holds.some(({ blurPx }) => blurPx === 0)).toBe(true);
});
