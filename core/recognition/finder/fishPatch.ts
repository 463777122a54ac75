import { type FishPose, poseToPixel } from '../../domain/fish/pose.js';
import { edgeDirection } from '../../image/edgeDirection.js';
import { balancedColours, balancedEdges } from '../../image/patchCells.js';
import { sampled, type Planes } from '../../image/raster.js';

/** The patch in the fish's own frame: `u` from snout to fork, `v` down, in lengths. */
const LEFT_U = -0.2;
const TOP_V = -0.35;
/** Patch pixels a length, a cell, and cells across and down. */
const SCALE = 80;
const CELL = 8;
export const PATCH_COLUMNS = 14;
export const PATCH_ROWS = 7;
const WIDTH = PATCH_COLUMNS * CELL;
const HEIGHT = PATCH_ROWS * CELL;
const DIRECTIONS = 8;
const COLOURS = 3;
const CELLS = PATCH_COLUMNS * PATCH_ROWS;
const GRID = { columns: PATCH_COLUMNS, rows: PATCH_ROWS };

/** How many numbers describe a patch. */
export const PATCH_FEATURES = CELLS * (DIRECTIONS + COLOURS);

/** Describes what lies under poses of one picture; its working memory is kept from pose to pose. */
export class FishPatch {
  private readonly light = new Float32Array(WIDTH * HEIGHT);
  private readonly cells = new Float32Array(CELLS * DIRECTIONS);
  private readonly energy = new Float32Array(CELLS);
  private readonly colours = new Float32Array(CELLS * COLOURS);

  constructor(private readonly planes: Planes) {}

  /**
   * Histograms of the directions of brightness edges in cells (Dalal and Triggs 2005, with soft binning by direction
   * and the energy of the neighbourhood taken out), and each cell's mean colour against the whole patch. The result is
   * valid until the next call.
   */
  features(pose: FishPose, into: Float32Array = new Float32Array(PATCH_FEATURES)): Float32Array {
    this.look(pose);
    this.countDirections();
    this.balance(into);
    return into;
  }

  private look(pose: FishPose): void {
    const { light, redness, yellowness } = this.planes;
    const origin = poseToPixel(pose, LEFT_U, TOP_V);
    const right = poseToPixel(pose, LEFT_U + 1 / SCALE, TOP_V);
    const down = poseToPixel(pose, LEFT_U, TOP_V + 1 / SCALE);
    const [rx, ry] = [right.x - origin.x, right.y - origin.y];
    const [dx, dy] = [down.x - origin.x, down.y - origin.y];
    const { colours } = this;
    colours.fill(0);
    // As `sampled` does it; in this loop the finder spends most of its time, and calling it costs twice as much.
    const { data, widthPx } = light;
    const [mostX, mostY] = [widthPx - 1.001, light.heightPx - 1.001];
    for (let row = 0, at = 0; row < HEIGHT; row += 1) {
      let x = origin.x + row * dx + 0.5 * (rx + dx);
      let y = origin.y + row * dy + 0.5 * (ry + dy);
      for (let column = 0; column < WIDTH; column += 1, at += 1, x += rx, y += ry) {
        const sx = x < 0 ? 0 : x > mostX ? mostX : x;
        const sy = y < 0 ? 0 : y > mostY ? mostY : y;
        const x0 = sx | 0;
        const y0 = sy | 0;
        const fx = sx - x0;
        const i = y0 * widthPx + x0;
        const top = (data[i] as number) * (1 - fx) + (data[i + 1] as number) * fx;
        const bottom = (data[i + widthPx] as number) * (1 - fx) + (data[i + widthPx + 1] as number) * fx;
        const seen = top * (1 - (sy - y0)) + bottom * (sy - y0);
        this.light[at] = seen;
        // Colour is coarse: every fourth look is enough.
        if (((row | column) & 1) === 0) {
          const cell = (((row / CELL) | 0) * PATCH_COLUMNS + ((column / CELL) | 0)) * COLOURS;
          colours[cell] = (colours[cell] as number) + seen;
          colours[cell + 1] = (colours[cell + 1] as number) + sampled(redness, x, y);
          colours[cell + 2] = (colours[cell + 2] as number) + sampled(yellowness, x, y);
        }
      }
    }
  }

  private countDirections(): void {
    const { light, cells, energy } = this;
    cells.fill(0);
    energy.fill(0);
    for (let row = 1; row < HEIGHT - 1; row += 1) {
      for (let column = 1; column < WIDTH - 1; column += 1) {
        const at = row * WIDTH + column;
        const gx = (light[at + 1] as number) - (light[at - 1] as number);
        const gy = (light[at + WIDTH] as number) - (light[at - WIDTH] as number);
        const squared = gx * gx + gy * gy;
        if (squared < 1) continue;
        const bin = edgeDirection(gx, gy) * DIRECTIONS;
        const low = Math.min(bin | 0, DIRECTIONS - 1);
        const part = bin - low;
        const cell = ((row / CELL) | 0) * PATCH_COLUMNS + ((column / CELL) | 0);
        const high = low === DIRECTIONS - 1 ? 0 : low + 1;
        const root = Math.sqrt(Math.sqrt(squared));
        cells[cell * DIRECTIONS + low] = (cells[cell * DIRECTIONS + low] as number) + root * (1 - part);
        cells[cell * DIRECTIONS + high] = (cells[cell * DIRECTIONS + high] as number) + root * part;
        energy[cell] = (energy[cell] as number) + root;
      }
    }
  }

  private balance(into: Float32Array): void {
    const to = balancedEdges(GRID, this.cells, this.energy, DIRECTIONS, into);
    balancedColours(GRID, this.colours, COLOURS, into, to);
  }
}
