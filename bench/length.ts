import { createRng } from '@keeper/core/statistics/rng';
import { boardLength } from '@keeper/core/pictures/boardLength';
import { pixelDistance } from '@keeper/core/geometry/pixel';
import { drawPicturedBoard, type PicturedBoard } from '@keeper/standins/boardCamera';
import { quantile, report, reportBetween } from './figures.js';

const BOARDS = 2000;

/** Lengths read off boards at an angle, beside a plain ruler laid through the two outermost marks. */
export function lengthBench(): void {
  const luck = createRng('boards of the bench');
  const ours: number[] = [];
  const ruler: number[] = [];
  let covered = 0;
  let refused = 0;
  for (let i = 0; i < BOARDS; i += 1) {
    const board = drawPicturedBoard(luck);
    ruler.push(Math.abs(plainRuler(board) / board.trueMm - 1));
    const read = boardLength(board);
    if (!read.ok) {
      refused += 1;
      continue;
    }
    const off = read.value.lengthMm - board.trueMm;
    ours.push(Math.abs(off / board.trueMm));
    if (Math.abs(off) <= 2 * read.value.uMm) covered += 1;
  }
  const within = (errors: readonly number[]) => (100 * errors.filter((error) => error <= 0.01).length) / BOARDS;
  const line = (name: string, errors: readonly number[]) =>
    process.stdout.write(
      `${name.padEnd(34)}within 1 % ${within(errors).toFixed(1)} %, median error ${(100 * quantile(errors, 0.5)).toFixed(2)} %, 95th ${(100 * quantile(errors, 0.95)).toFixed(2)} %\n`,
    );
  process.stdout.write(`${BOARDS} boards, yaw and pitch to 40 degrees, taps 2 px off, 12 to 24 million pixels\n`);
  line('projective fit', ours);
  line('plain ruler through two marks', ruler);
  process.stdout.write(`refused ${refused}\n`);
  report('projective fit: within 1 %', within(ours), '%', 95, 'more');
  reportBetween('twice the stated uncertainty covers', (100 * covered) / BOARDS, '%', 93, 97);
}

function plainRuler({ marks, nose, tail }: PicturedBoard): number {
  const [first, last] = [marks[0], marks.at(-1)];
  if (!first || !last) return NaN;
  return (pixelDistance(nose, tail) * (last.atMm - first.atMm)) / pixelDistance(first.pixel, last.pixel);
}
