// .scratch/t0.ts
import { readFileSync } from "node:fs";

// core/flank/bentShift.ts
var TERMS = 6;
var NUMBERS = 2 * TERMS;
var USUAL = [4, 4, 3, 2.5, 2, 1.5];
var OUTLYING = 1;
var MOST_STEP = 2;
var STILL = 0.05;
function noShift() {
  return new Float64Array(NUMBERS);
}
function finer(shift) {
  return shift.map((term) => 2 * term);
}
function overlaid(print, other, shift) {
  const { columns, rows, known: here } = print;
  const { value: from, known: there } = other;
  const value = new Float32Array(columns * rows);
  const known = new Uint8Array(columns * rows);
  const term = (i) => shift[i];
  const [bendAlong, bendAcross] = [term(3), term(9)];
  for (let row = 0, i = 0; row < rows; row += 1) {
    const y = 2 * (row + 0.5) / rows - 1;
    const alongRow = term(0) + term(2) * y + term(5) * y * y;
    const acrossRow = term(6) + term(8) * y + term(11) * y * y;
    const [alongX, acrossX] = [term(1) + term(4) * y, term(7) + term(10) * y];
    for (let column = 0; column < columns; column += 1, i += 1) {
      if (here[i] === 0) continue;
      const x = 2 * (column + 0.5) / columns - 1;
      const px = column + alongRow + (alongX + bendAlong * x) * x;
      const py = row + acrossRow + (acrossX + bendAcross * x) * x;
      const left = Math.floor(px);
      const top = Math.floor(py);
      if (left < 0 || top < 0 || left >= columns - 1 || top >= rows - 1) continue;
      const j = top * columns + left;
      const all2 = there[j] + there[j + 1] + there[j + columns] + there[j + columns + 1];
      if (all2 < 4) continue;
      const [fx, fy] = [px - left, py - top];
      value[i] = (from[j] * (1 - fx) + from[j + 1] * fx) * (1 - fy) + (from[j + columns] * (1 - fx) + from[j + columns + 1] * fx) * fy;
      known[i] = 1;
    }
  }
  return { value, known };
}
var n = (value) => value;
function bentShift(print, other, first, coarseness, steps) {
  let shift = first;
  for (let step = 0; step < steps; step += 1) {
    const by2 = gaussNewton(print, overlaid(print, other, shift), shift, coarseness);
    if (!by2) break;
    shift = shift.map((term, i) => term + Math.max(-MOST_STEP, Math.min(MOST_STEP, n(by2[i]))));
    if (by2.every((term) => Math.abs(term) < STILL)) break;
  }
  return shift;
}
var POWERS = [
  [0, 0],
  [1, 0],
  [0, 1],
  [2, 0],
  [1, 1],
  [0, 2]
];
var MOMENTS = 5;
function gaussNewton({ columns, rows, value, known: here }, over, shift, coarseness) {
  const [there, seen] = [over.value, over.known];
  const [alongAlong, alongAcross, acrossAcross, missAlong, missAcross] = Array.from(
    { length: 5 },
    () => new Float64Array(MOMENTS * MOMENTS)
  );
  for (let row = 1; row < rows - 1; row += 1) {
    let [aa0, aa1, aa2, aa3, aa4] = [0, 0, 0, 0, 0];
    let [ab0, ab1, ab2, ab3, ab4] = [0, 0, 0, 0, 0];
    let [bb0, bb1, bb2, bb3, bb4] = [0, 0, 0, 0, 0];
    let [ma0, ma1, ma2, mb0, mb1, mb2] = [0, 0, 0, 0, 0, 0];
    for (let column = 1, i = row * columns + 1; column < columns - 1; column += 1, i += 1) {
      if (seen[i] === 0) continue;
      if (here[i - 1] === 0 || here[i + 1] === 0 || here[i - columns] === 0 || here[i + columns] === 0) continue;
      const along2 = (value[i + 1] - value[i - 1]) / 2;
      const across2 = (value[i + columns] - value[i - columns]) / 2;
      const miss = value[i] - there[i];
      const fits = 1 + miss * miss / (OUTLYING * OUTLYING);
      const weight = 1 / (fits * fits);
      const x = 2 * (column + 0.5) / columns - 1;
      const xx = x * x;
      const aa = weight * along2 * along2;
      const ab = weight * along2 * across2;
      const bb = weight * across2 * across2;
      const ma = weight * miss * along2;
      const mb = weight * miss * across2;
      aa0 += aa;
      aa1 += aa * x;
      aa2 += aa * xx;
      aa3 += aa * xx * x;
      aa4 += aa * xx * xx;
      ab0 += ab;
      ab1 += ab * x;
      ab2 += ab * xx;
      ab3 += ab * xx * x;
      ab4 += ab * xx * xx;
      bb0 += bb;
      bb1 += bb * x;
      bb2 += bb * xx;
      bb3 += bb * xx * x;
      bb4 += bb * xx * xx;
      ma0 += ma;
      ma1 += ma * x;
      ma2 += ma * xx;
      mb0 += mb;
      mb1 += mb * x;
      mb2 += mb * xx;
    }
    const y = 2 * (row + 0.5) / rows - 1;
    spread(alongAlong, [aa0, aa1, aa2, aa3, aa4], y);
    spread(alongAcross, [ab0, ab1, ab2, ab3, ab4], y);
    spread(acrossAcross, [bb0, bb1, bb2, bb3, bb4], y);
    spread(missAlong, [ma0, ma1, ma2], y);
    spread(missAcross, [mb0, mb1, mb2], y);
  }
  const moment = (of, x, y) => of[x * MOMENTS + y];
  const normal = Array.from({ length: NUMBERS }, () => new Float64Array(NUMBERS));
  const right = new Float64Array(NUMBERS);
  for (const [p2, [px, py]] of POWERS.entries()) {
    right[p2] = moment(missAlong, px, py);
    right[p2 + TERMS] = moment(missAcross, px, py);
    for (const [q, [qx, qy]] of POWERS.entries()) {
      const [x, y] = [px + qx, py + qy];
      normal[p2][q] = moment(alongAlong, x, y);
      normal[p2 + TERMS][q] = moment(alongAcross, x, y);
      normal[p2][q + TERMS] = moment(alongAcross, x, y);
      normal[p2 + TERMS][q + TERMS] = moment(acrossAcross, x, y);
    }
  }
  for (let p2 = 0; p2 < NUMBERS; p2 += 1) {
    const held = (coarseness / USUAL[p2 % TERMS]) ** 2;
    const line = normal[p2];
    line[p2] = n(line[p2]) + held;
    right[p2] = n(right[p2]) - held * n(shift[p2]);
  }
  return solved(normal, right);
}
function spread(to, sums, y) {
  for (const [x, sum] of sums.entries()) {
    for (let k = 0, power = sum; k < MOMENTS; k += 1, power *= y)
      to[x * MOMENTS + k] = to[x * MOMENTS + k] + power;
  }
}
function solved(normal, right) {
  const size = right.length;
  for (let i = 0; i < size; i += 1) {
    const line = normal[i];
    for (let j = 0; j <= i; j += 1) {
      const other = normal[j];
      let sum = n(line[j]);
      for (let k = 0; k < j; k += 1) sum -= n(line[k]) * n(other[k]);
      if (i === j && !(sum > 0)) return void 0;
      line[j] = i === j ? Math.sqrt(sum) : sum / n(other[j]);
    }
  }
  for (let i = 0; i < size; i += 1) {
    let sum = n(right[i]);
    for (let k = 0; k < i; k += 1) sum -= n(normal[i]?.[k]) * n(right[k]);
    right[i] = sum / n(normal[i]?.[i]);
  }
  for (let i = size - 1; i >= 0; i -= 1) {
    let sum = n(right[i]);
    for (let k = i + 1; k < size; k += 1) sum -= n(normal[k]?.[i]) * n(right[k]);
    right[i] = sum / n(normal[i]?.[i]);
  }
  return right;
}

// core/fish/anatomy.ts
var p = (u, v) => ({ u, v });
var fin = (over, rays, root, ...outline) => ({
  over,
  rays,
  root,
  outline
});
var forkedTail = (spread2, depth) => fin(
  false,
  26,
  p(0.9, 0),
  p(0.955, -0.045),
  p(1.04, -spread2 * 0.8),
  p(1.13, -spread2),
  p(1.1, -spread2 * 0.5),
  p(1 + depth, 0),
  p(1.1, spread2 * 0.5),
  p(1.13, spread2),
  p(1.04, spread2 * 0.8),
  p(0.955, 0.045)
);
var CARP = {
  back: [0.012, 0.075, 0.115, 0.15, 0.172, 0.178, 0.17, 0.155, 0.135, 0.112, 0.09, 0.07, 0.056, 0.05, 0.05],
  belly: [0.012, 0.055, 0.085, 0.112, 0.132, 0.142, 0.146, 0.144, 0.136, 0.12, 0.095, 0.07, 0.054, 0.048, 0.05],
  roundness: 0.55,
  eye: { u: 0.118, v: -0.035, radius: 0.0155 },
  gill: { u: 0.245, bulge: 0.05 },
  mouth: [p(4e-3, 0.012), p(0.03, 0.024), p(0.046, 0.018)],
  barbels: [
    { from: p(0.03, 0.026), to: p(0.022, 0.062), thick: 4e-3 },
    { from: p(0.042, 0.024), to: p(0.045, 0.05), thick: 3e-3 }
  ],
  fins: [
    fin(
      false,
      40,
      p(0.55, 0.25),
      p(0.41, -0.165),
      p(0.425, -0.262),
      p(0.47, -0.235),
      p(0.56, -0.19),
      p(0.68, -0.155),
      p(0.745, -0.125),
      p(0.745, -0.1)
    ),
    forkedTail(0.135, 0.012),
    fin(false, 12, p(0.735, 0.08), p(0.725, 0.095), p(0.76, 0.2), p(0.8, 0.175), p(0.805, 0.07)),
    fin(true, 12, p(0.475, 0.1), p(0.455, 0.12), p(0.5, 0.225), p(0.56, 0.22), p(0.53, 0.12)),
    fin(true, 16, p(0.262, 0.07), p(0.262, 0.055), p(0.3, 0.17), p(0.37, 0.195), p(0.385, 0.16), p(0.3, 0.075))
  ],
  landmarks: {
    snout: p(0, 0),
    eye: p(0.118, -0.035),
    dorsal: p(0.41, -0.165),
    pelvic: p(0.455, 0.13),
    anal: p(0.725, 0.1),
    fork: p(1, 0)
  }
};
var PIKE = {
  back: [0.014, 0.026, 0.033, 0.05, 0.068, 0.077, 0.082, 0.085, 0.086, 0.085, 0.08, 0.066, 0.046, 0.034, 0.036],
  belly: [0.022, 0.034, 0.046, 0.062, 0.076, 0.084, 0.089, 0.09, 0.088, 0.084, 0.076, 0.06, 0.042, 0.034, 0.036],
  roundness: 0.7,
  eye: { u: 0.125, v: -0.026, radius: 0.0125 },
  gill: { u: 0.265, bulge: 0.045 },
  mouth: [p(0, 0.012), p(0.05, 0.016), p(0.115, 0.022)],
  barbels: [],
  fins: [
    fin(false, 20, p(0.76, 0.05), p(0.735, -0.07), p(0.765, -0.158), p(0.81, -0.165), p(0.85, -0.12), p(0.845, -0.042)),
    forkedTail(0.105, 0.03),
    fin(false, 18, p(0.77, -0.03), p(0.755, 0.065), p(0.785, 0.142), p(0.83, 0.148), p(0.855, 0.1), p(0.845, 0.04)),
    fin(true, 10, p(0.525, 0.07), p(0.51, 0.078), p(0.545, 0.135), p(0.585, 0.138), p(0.565, 0.08)),
    fin(true, 14, p(0.285, 0.055), p(0.28, 0.05), p(0.305, 0.125), p(0.355, 0.135), p(0.365, 0.105), p(0.31, 0.06))
  ],
  landmarks: {
    snout: p(0, 0),
    eye: p(0.125, -0.026),
    dorsal: p(0.735, -0.07),
    pelvic: p(0.51, 0.082),
    anal: p(0.755, 0.068),
    fork: p(1, 0)
  }
};
var BARBEL = {
  back: [0.012, 0.04, 0.06, 0.078, 0.092, 0.102, 0.106, 0.1, 0.09, 0.078, 0.066, 0.054, 0.045, 0.04, 0.04],
  belly: [0.012, 0.04, 0.058, 0.068, 0.074, 0.078, 0.079, 0.078, 0.074, 0.068, 0.06, 0.05, 0.042, 0.038, 0.04],
  roundness: 0.75,
  eye: { u: 0.118, v: -0.022, radius: 0.0105 },
  gill: { u: 0.215, bulge: 0.04 },
  mouth: [p(0.01, 0.02), p(0.035, 0.034), p(0.055, 0.034)],
  barbels: [
    { from: p(0.018, 0.026), to: p(0.03, 0.066), thick: 4e-3 },
    { from: p(0.052, 0.034), to: p(0.075, 0.074), thick: 4e-3 }
  ],
  fins: [
    fin(false, 14, p(0.47, 0.03), p(0.43, -0.1), p(0.455, -0.205), p(0.49, -0.165), p(0.54, -0.125), p(0.555, -0.09)),
    forkedTail(0.115, 0.02),
    fin(false, 12, p(0.745, 0.04), p(0.735, 0.062), p(0.78, 0.155), p(0.815, 0.13), p(0.8, 0.055)),
    fin(true, 10, p(0.47, 0.06), p(0.455, 0.068), p(0.5, 0.145), p(0.545, 0.14), p(0.52, 0.07)),
    fin(true, 14, p(0.24, 0.045), p(0.235, 0.045), p(0.275, 0.125), p(0.345, 0.135), p(0.35, 0.105), p(0.275, 0.05))
  ],
  landmarks: {
    snout: p(0, 0),
    eye: p(0.118, -0.022),
    dorsal: p(0.43, -0.1),
    pelvic: p(0.455, 0.074),
    anal: p(0.735, 0.066),
    fork: p(1, 0)
  }
};
var WELS = {
  back: [0.014, 0.048, 0.066, 0.08, 0.088, 0.088, 0.084, 0.078, 0.07, 0.062, 0.054, 0.046, 0.038, 0.032, 0.028],
  belly: [0.018, 0.056, 0.08, 0.098, 0.112, 0.114, 0.104, 0.088, 0.074, 0.064, 0.055, 0.046, 0.038, 0.03, 0.026],
  roundness: 0.95,
  eye: { u: 0.062, v: -0.012, radius: 65e-4 },
  gill: { u: 0.195, bulge: 0.05 },
  mouth: [p(0, 0.012), p(0.035, 0.024), p(0.075, 0.03)],
  barbels: [
    { from: p(0.035, 6e-3), to: p(0.19, 0.12), thick: 55e-4 },
    { from: p(0.055, 0.06), to: p(0.085, 0.115), thick: 35e-4 },
    { from: p(0.085, 0.07), to: p(0.12, 0.12), thick: 35e-4 }
  ],
  fins: [
    fin(false, 6, p(0.31, -0.05), p(0.3, -0.083), p(0.315, -0.135), p(0.335, -0.13), p(0.34, -0.083)),
    fin(
      false,
      18,
      p(0.93, 0),
      p(0.965, -0.028),
      p(1.03, -0.055),
      p(1.075, -0.045),
      p(1.09, 0),
      p(1.075, 0.045),
      p(1.03, 0.052),
      p(0.965, 0.026)
    ),
    fin(
      false,
      80,
      p(0.72, -0.35),
      p(0.475, 0.078),
      p(0.5, 0.118),
      p(0.65, 0.118),
      p(0.8, 0.1),
      p(0.93, 0.072),
      p(0.965, 0.045),
      p(0.955, 0.02)
    ),
    fin(true, 10, p(0.43, 0.075), p(0.415, 0.085), p(0.445, 0.145), p(0.475, 0.135), p(0.455, 0.085)),
    fin(true, 12, p(0.21, 0.06), p(0.205, 0.06), p(0.25, 0.14), p(0.315, 0.13), p(0.3, 0.09), p(0.24, 0.055))
  ],
  landmarks: {
    snout: p(0, 0),
    eye: p(0.062, -0.012),
    dorsal: p(0.3, -0.086),
    pelvic: p(0.415, 0.092),
    anal: p(0.475, 0.085),
    fork: p(1, 0)
  }
};
var BUILDS = {
  "carp-common": CARP,
  "carp-mirror": CARP,
  "carp-linear": CARP,
  pike: PIKE,
  barbel: BARBEL,
  wels: WELS
};
function anatomyOf(kind, girth = 1) {
  const build = BUILDS[kind];
  return {
    ...build,
    back: build.back.map((height) => height * (1 + (girth - 1) * 0.5)),
    belly: build.belly.map((height) => height * girth)
  };
}
function heightAt(profile, u) {
  const steps = profile.length - 1;
  const at = Math.min(Math.max(u, 0), 1) * steps;
  const i = Math.min(Math.floor(at), steps - 1);
  const t = at - i;
  const y = (k) => profile[Math.min(Math.max(k, 0), steps)] ?? 0;
  const [y0, y1, y2, y3] = [y(i - 1), y(i), y(i + 1), y(i + 2)];
  const a = 2 * y1 + (y2 - y0) * t + (2 * y0 - 5 * y1 + 4 * y2 - y3) * t * t + (3 * y1 - y0 - 3 * y2 + y3) * t * t * t;
  const nose = u < 0.03 ? Math.sqrt(Math.max(0, 1 - (1 - u / 0.03) ** 2)) : 1;
  return a / 2 * (0.35 + 0.65 * nose);
}

// core/flank/flankFrame.ts
var MOST_CELLS = 7600;
var FROM_U = 0.26;
var TO_U = 0.96;
var RIM = 0.92;
function onBody(kind, u, v) {
  const { back, belly } = anatomyOf(kind, 1);
  return Math.abs(v) < RIM * heightAt(v < 0 ? back : belly, u);
}
var frames = /* @__PURE__ */ new Map();
function flankFrame(kind) {
  const frame = frames.get(kind) ?? framed(kind);
  frames.set(kind, frame);
  return frame;
}
function framed(kind) {
  const { back, belly } = anatomyOf(kind, 1);
  let [top, bottom] = [0, 0];
  for (let u = FROM_U; u <= TO_U; u += 0.01) {
    top = Math.max(top, RIM * heightAt(back, u));
    bottom = Math.max(bottom, RIM * heightAt(belly, u));
  }
  const cell = Math.sqrt((TO_U - FROM_U) * (top + bottom) / MOST_CELLS);
  const [columns, rows] = [Math.floor((TO_U - FROM_U) / cell), Math.floor((top + bottom) / cell)];
  const body = new Uint8Array(columns * rows);
  for (let row = 0, i = 0; row < rows; row += 1) {
    const v = (row + 0.5) * cell - top;
    for (let column = 0; column < columns; column += 1, i += 1) {
      const u = FROM_U + (column + 0.5) * cell;
      body[i] = onBody(kind, u, v) ? 1 : 0;
    }
  }
  return { columns, rows, cell, fromU: FROM_U, fromV: -top, body };
}

// core/picture/fishPatch.ts
var CELL = 8;
var PATCH_COLUMNS = 14;
var PATCH_ROWS = 7;
var WIDTH = PATCH_COLUMNS * CELL;
var HEIGHT = PATCH_ROWS * CELL;
var DIRECTIONS = 8;
var COLOURS = 3;
var CELLS = PATCH_COLUMNS * PATCH_ROWS;
var PATCH_FEATURES = CELLS * (DIRECTIONS + COLOURS);

// core/picture/findFish.ts
var LANDMARKS = ["snout", "eye", "dorsal", "pelvic", "anal", "fork"];
var STEP_OUTPUTS = 2 * LANDMARKS.length;

// core/flank/flankPrint.ts
var UNKNOWN = -128;

// core/flank/printLevel.ts
var MOST = 2.5;
function fineLevel({ kind, cells }) {
  const { columns, rows } = flankFrame(kind);
  const { value, known } = opened(cells);
  return evened(columns, rows, value, known);
}
function opened(cells) {
  const value = new Float32Array(cells.length);
  const known = new Float32Array(cells.length);
  const unknown = UNKNOWN;
  for (let i = 0; i < cells.length; i += 1) {
    const cell = cells[i];
    if (cell === unknown) continue;
    value[i] = cell;
    known[i] = 1;
  }
  return { value, known };
}
function coarseLevel({ kind, cells }) {
  const { columns, rows } = flankFrame(kind);
  let { value, known } = opened(cells);
  for (let turn = 0; turn < 2; turn += 1) {
    value = softened(value, columns, rows);
    known = softened(known, columns, rows);
  }
  const [wide, high] = [columns >> 1, rows >> 1];
  const [half, seen] = [new Float32Array(wide * high), new Float32Array(wide * high)];
  for (let row = 0, to = 0; row < high; row += 1) {
    for (let column = 0; column < wide; column += 1, to += 1) {
      let [sum, share] = [0, 0];
      for (const i of [0, 1, columns, columns + 1]) {
        const from = 2 * row * columns + 2 * column + i;
        const weight = known[from];
        if (weight > 0.05) sum += value[from] / weight;
        share += weight / 4;
      }
      half[to] = sum / 4;
      seen[to] = share > 0.6 ? 1 : 0;
    }
  }
  return evened(wide, high, half, seen);
}
function softened(data, columns, rows) {
  const along2 = data.map((value, i) => {
    const column = i % columns;
    const before = column > 0 ? data[i - 1] : value;
    const after = column < columns - 1 ? data[i + 1] : value;
    return (before + 2 * value + after) / 4;
  });
  return along2.map((value, i) => {
    const above = i >= columns ? along2[i - columns] : value;
    const below = i < columns * (rows - 1) ? along2[i + columns] : value;
    return (above + 2 * value + below) / 4;
  });
}
function evened(columns, rows, value, known) {
  let [sum, count] = [0, 0];
  for (let i = 0; i < value.length; i += 1) {
    const is = known[i];
    sum += is * value[i] ** 2;
    count += is;
  }
  const gain = 1 / Math.sqrt(sum / Math.max(1, count) + 1e-9);
  const even = value.map((each, i) => known[i] === 1 ? Math.max(-MOST, Math.min(MOST, each * gain)) : 0);
  return { columns, rows, value: even, known };
}

// core/flank/roughShift.ts
var REACH_ALONG = 5;
var REACH_ACROSS = 4;
var WIDE = 2 * REACH_ALONG + 1;
var HIGH = 2 * REACH_ACROSS + 1;
var PARTS_ALONG = 5;
var PARTS_ACROSS = 2;
var SLACK = 2;
var PRICE = 0.02;
var LEAST_SHARE = 0.4;
var LEAST_CELLS = 25;
var HELD = 0.3;
function roughShift(print, other, most) {
  const parts = partsOf(print, other);
  const total = new Float64Array(WIDE * HIGH);
  const weights = parts.reduce((sum, { weight }) => sum + weight, 0);
  for (const { weight, likeness: likeness2 } of parts) {
    const best = slackened(slackened(likeness2, 1, WIDE), WIDE, HIGH);
    for (let at = 0; at < total.length; at += 1) total[at] = total[at] + weight * best[at];
  }
  const places = [...total.keys()].sort((p2, q) => total[q] - total[p2]);
  const taken = [];
  for (const place of places) {
    if (taken.length >= most) break;
    if (!taken.some((other2) => touches(place, other2))) taken.push(place);
  }
  const likeness = weights === 0 ? 0 : total[places[0] ?? 0] / weights;
  return { likeness, shifts: taken.map((place) => tilted(parts, place)) };
}
var along = (place) => place % WIDE - REACH_ALONG;
var across = (place) => Math.floor(place / WIDE) - REACH_ACROSS;
var touches = (a, b) => Math.abs(along(a) - along(b)) <= 1 && Math.abs(across(a) - across(b)) <= 1;
function slackened(map, stride, length) {
  const best = new Float32Array(map.length);
  for (let at = 0; at < map.length; at += 1) {
    const place = Math.floor(at / stride) % length;
    let most = -1;
    for (let e = Math.max(-SLACK, -place); e <= Math.min(SLACK, length - 1 - place); e += 1) {
      const value = map[at + e * stride] - PRICE * e * e;
      if (value > most) most = value;
    }
    best[at] = most;
  }
  return best;
}
function nearby({ likeness }, place) {
  const [dx, dy] = [along(place), across(place)];
  const best = { likeness: -1, along: 0, across: 0 };
  for (let ey = Math.max(-SLACK, -REACH_ACROSS - dy); ey <= Math.min(SLACK, REACH_ACROSS - dy); ey += 1) {
    for (let ex = Math.max(-SLACK, -REACH_ALONG - dx); ex <= Math.min(SLACK, REACH_ALONG - dx); ex += 1) {
      const value = likeness[place + ey * WIDE + ex] - PRICE * (ex * ex + ey * ey);
      if (value > best.likeness) [best.likeness, best.along, best.across] = [value, ex, ey];
    }
  }
  return best;
}
function tilted(parts, place) {
  const normal = [0, 0, 0].map((_, i) => [0, 0, 0].map((__, j) => i === j ? HELD : 0));
  const [rightAlong, rightAcross] = [
    [0, 0, 0],
    [0, 0, 0]
  ];
  for (const part of parts) {
    const found = nearby(part, place);
    const weight = part.weight * Math.max(0, found.likeness) ** 2;
    for (const [i, a] of [1, part.x, part.y].entries()) {
      for (const [j, b] of [1, part.x, part.y].entries())
        normal[i][j] = (normal[i]?.[j] ?? 0) + weight * a * b;
      rightAlong[i] = (rightAlong[i] ?? 0) + weight * a * found.along;
      rightAcross[i] = (rightAcross[i] ?? 0) + weight * a * found.across;
    }
  }
  const shift = noShift();
  shift.set(three(normal, rightAlong), 0);
  shift.set(three(normal, rightAcross), 6);
  shift[0] = shift[0] + along(place);
  shift[6] = shift[6] + across(place);
  return shift;
}
function three(m, r) {
  const det = (c) => {
    const v = (i, j) => c[i]?.[j] ?? 0;
    return v(0, 0) * (v(1, 1) * v(2, 2) - v(1, 2) * v(2, 1)) - v(0, 1) * (v(1, 0) * v(2, 2) - v(1, 2) * v(2, 0)) + v(0, 2) * (v(1, 0) * v(2, 1) - v(1, 1) * v(2, 0));
  };
  const whole = det(m);
  return [0, 1, 2].map((k) => det(m.map((row, i) => row.map((value, j) => j === k ? r[i] ?? 0 : value))) / whole);
}
function partsOf(print, other) {
  const { columns, rows } = print;
  const [wide, high] = [Math.floor(columns / PARTS_ALONG), Math.floor(rows / PARTS_ACROSS)];
  const parts = [];
  for (let j = 0; j < PARTS_ACROSS; j += 1) {
    for (let i = 0; i < PARTS_ALONG; i += 1) {
      const [left, top] = [i * wide, j * high];
      let seen = 0;
      for (let y2 = top; y2 < top + high; y2 += 1)
        for (let x2 = left; x2 < left + wide; x2 += 1) seen += print.known[y2 * columns + x2];
      if (seen < Math.max(LEAST_CELLS, 0.2 * wide * high)) continue;
      const [x, y] = [2 * (i + 0.5) / PARTS_ALONG - 1, 2 * (j + 0.5) / PARTS_ACROSS - 1];
      parts.push({ x, y, weight: Math.sqrt(seen), likeness: mapOf(print, other, left, top, wide, high, seen) });
    }
  }
  return parts;
}
function mapOf({ columns, rows, value: a, known: ka }, { value: b, known: kb }, left, top, wide, high, seen) {
  const map = new Float32Array(WIDE * HIGH);
  for (let dy = -REACH_ACROSS, at = 0; dy <= REACH_ACROSS; dy += 1) {
    const [y0, y1] = [Math.max(0, top + dy), Math.min(rows, top + high + dy)];
    for (let dx = -REACH_ALONG; dx <= REACH_ALONG; dx += 1, at += 1) {
      const [x0, x1] = [Math.max(0, left + dx), Math.min(columns, left + wide + dx)];
      let count = 0;
      let sum = 0;
      let here = 0;
      let there = 0;
      for (let y = y0; y < y1; y += 1) {
        const end = y * columns + x1;
        for (let j = y * columns + x0, i = j - dy * columns - dx; j < end; j += 1, i += 1) {
          const p2 = a[i];
          const q = b[j];
          const seenHere = ka[i];
          const seenThere = kb[j];
          count += seenHere * seenThere;
          sum += p2 * q;
          here += p2 * p2 * seenThere;
          there += q * q * seenHere;
        }
      }
      if (count < Math.max(LEAST_CELLS, LEAST_SHARE * seen)) continue;
      map[at] = sum / Math.sqrt((here + 1) * (there + 1));
    }
  }
  return map;
}

// core/flank/comparePrints.ts
function readyPrint(print) {
  return { print, coarse: coarseLevel(print) };
}
var PLACES = 2;
var COARSE_STEPS = 5;
var FINE_STEPS = 3;
var FINE_PARTS = { side: 12, step: 6, least: 50 };
var COARSE_PARTS = { side: 8, step: 4, least: 25 };
var SPEAKS = 0.65;
var LEAST_SEEN = 0.12;
var PLAIN = 0.02;
var NOTHING = { score: 0, seen: 0, parts: [], shift: noShift() };
function comparable(a, b) {
  return a.side === b.side && a.kind === b.kind;
}
function glance(a, b) {
  return roughShift(a.coarse, b.coarse, PLACES);
}
function coarsePlace(a, b, { shifts }) {
  let place;
  for (const first of shifts) {
    const shift = bentShift(a.coarse, b.coarse, first, 2, COARSE_STEPS);
    const likeness = meanOf(partsOf2(a.coarse, overlaid(a.coarse, b.coarse, shift), COARSE_PARTS));
    if (!place || likeness > place.likeness) place = { shift, likeness };
  }
  return place;
}
function finePlace(a, b, place, fine = fineLevel(a.print)) {
  const other = fineLevel(b.print);
  const shift = bentShift(fine, other, finer(place.shift), 1, FINE_STEPS);
  const over = overlaid(fine, other, shift);
  const parts = partsOf2(fine, over, FINE_PARTS);
  const body = flankFrame(a.print.kind).body.reduce((sum, is) => sum + is, 0);
  const seen = over.known.reduce((sum, is) => sum + is, 0) / body;
  return { score: seen < LEAST_SEEN ? 0 : meanOf(better(parts)), seen, parts, shift };
}
function comparePrints(a, b) {
  if (!comparable(a.print, b.print)) return NOTHING;
  const place = coarsePlace(a, b, glance(a, b));
  return place ? finePlace(a, b, place) : NOTHING;
}
function better(parts) {
  const all2 = parts.reduce((sum, { cells }) => sum + cells, 0);
  let taken = 0;
  return parts.toSorted((p2, q) => q.likeness - p2.likeness).filter(({ cells }) => {
    const speaks = taken <= SPEAKS * all2;
    taken += cells;
    return speaks;
  });
}
function meanOf(parts) {
  const cells = parts.reduce((sum, part) => sum + part.cells, 0);
  return cells === 0 ? 0 : parts.reduce((sum, part) => sum + part.cells * part.likeness, 0) / cells;
}
function partsOf2({ columns, rows, value }, over, { side, step, least }) {
  const parts = [];
  for (let top = 0; top + side <= rows + step; top += step) {
    for (let left = 0; left + side <= columns + step; left += step) {
      let [count, sa, sb, saa, sbb, sab] = [0, 0, 0, 0, 0, 0];
      for (let y = top; y < Math.min(rows, top + side); y += 1) {
        for (let x = left, i = y * columns + left; x < Math.min(columns, left + side); x += 1, i += 1) {
          if (over.known[i] === 0) continue;
          const [p2, q] = [value[i], over.value[i]];
          count += 1;
          sa += p2;
          sb += q;
          saa += p2 * p2;
          sbb += q * q;
          sab += p2 * q;
        }
      }
      if (count < least) continue;
      const variation = (saa - sa * sa / count) * (sbb - sb * sb / count);
      const likeness = (sab - sa * sb / count) / Math.sqrt(Math.max(0, variation) + (PLAIN * count) ** 2);
      parts.push({ column: left, row: top, cells: count, likeness });
    }
  }
  return parts;
}

// .scratch/t0.ts
var all = JSON.parse(readFileSync("/tmp/prints.json", "utf8")).map((p2) => {
  const b = Buffer.from(p2.cells, "base64");
  return { ...p2, cells: new Int8Array(b.buffer.slice(b.byteOffset, b.byteOffset + b.length)) };
});
var T = 0.35;
var PL = 2;
var DX = [-5, -3, -1, 1, 3, 5].map((x) => x);
var DY = [-4, -2, 0, 2, 4];
function sketch(ready) {
  const { columns, rows, value, known } = ready.coarse;
  const half = Math.ceil(columns / PL);
  const make = (dx) => {
    const p2 = new Int32Array(rows * PL), n3 = new Int32Array(rows * PL);
    for (let y = 0; y < rows; y++) for (let h = 0; h < PL; h++) {
      let a = 0, b = 0;
      for (let x = 0; x < half; x++) {
        const c = h * half + x + dx;
        if (h * half + x >= columns || c < 0 || c >= columns || !known[y * columns + c]) continue;
        const v = value[y * columns + c];
        if (v > T) a |= 1 << x;
        else if (v < -T) b |= 1 << x;
      }
      p2[y * PL + h] = a;
      n3[y * PL + h] = b;
    }
    return { p: p2, n: n3 };
  };
  return { rows, at: DX.map(make), zero: make(0), half };
}
var pop = (v) => {
  v -= v >>> 1 & 1431655765;
  v = (v & 858993459) + (v >>> 2 & 858993459);
  return (v + (v >>> 4) & 252645135) * 16843009 >>> 24;
};
var W = DX.length;
var H = DY.length;
var VP = 2;
function sk(a, b) {
  const rows = a.rows;
  const maps = [];
  let wsum = 0;
  const ws = [];
  const per = Math.ceil(rows / VP);
  for (let vp = 0; vp < VP; vp++) for (let h = 0; h < PL; h++) {
    const map = new Float32Array(W * H);
    let most = 0;
    for (let j = 0; j < H; j++) for (let i = 0; i < W; i++) {
      const bp = b.at[i].p, bn = b.at[i].n, ap = a.zero.p, an = a.zero.n;
      let same = 0, diff = 0;
      const y0 = vp * per, y1 = Math.min(rows, y0 + per);
      for (let y = y0; y < y1; y++) {
        const yy = y + DY[j];
        if (yy < 0 || yy >= rows) continue;
        const ia = y * PL + h, ib = yy * PL + h;
        const p2 = ap[ia], n3 = an[ia], q = bp[ib], m = bn[ib];
        same += pop(p2 & q | n3 & m);
        diff += pop(p2 & m | n3 & q);
      }
      map[j * W + i] = (same - diff) / (same + diff + 20);
      if (same + diff > most) most = same + diff;
    }
    maps.push(map);
    const w = Math.sqrt(most);
    ws.push(w);
    wsum += w;
  }
  let best = -1;
  for (let j = 0; j < H; j++) for (let i = 0; i < W; i++) {
    let s = 0;
    for (let k = 0; k < maps.length; k++) {
      let m = -1;
      for (let e = -1; e <= 1; e++) for (let f = -1; f <= 1; f++) {
        const jj = j + e, ii = i + f;
        if (jj < 0 || jj >= H || ii < 0 || ii >= W) continue;
        const v = maps[k][jj * W + ii] - 0.03 * (e * e + f * f);
        if (v > m) m = v;
      }
      s += ws[k] * m;
    }
    if (s / wsum > best) best = s / wsum;
  }
  return best;
}
var G = all.filter((p2) => p2.set === "g").map((p2) => {
  const ready = readyPrint(p2);
  return { ...p2, ready, sk: sketch(ready) };
});
var ids = new Set(G.map((g) => g.id));
var Q = all.filter((p2) => p2.set === "q" && ids.has(p2.id)).filter((_, i) => i % 3 === 0);
var ranks0 = [];
var ranks1 = [];
var t0 = 0;
var t1 = 0;
var n2 = 0;
for (const q of Q) {
  const ready = readyPrint(q);
  const s = sketch(ready);
  const same = G.filter((g) => g.kind === q.kind && g.side === q.side);
  let t = performance.now();
  const r0 = same.map((g) => ({ g, v: sk(s, g.sk) })).sort((a, b) => b.v - a.v);
  t0 += performance.now() - t;
  t = performance.now();
  const r1 = same.map((g) => ({ g, v: glance(ready, g.ready).likeness })).sort((a, b) => b.v - a.v);
  t1 += performance.now() - t;
  n2 += same.length;
  ranks0.push(r0.findIndex((x) => x.g.id === q.id) / same.length);
  ranks1.push(r1.findIndex((x) => x.g.id === q.id) / same.length);
}
var within = (r, s) => (100 * r.filter((x) => x < s).length / r.length).toFixed(1);
console.log("n", Q.length, "sketch ms", (t0 / n2).toFixed(4), "glance ms", (t1 / n2).toFixed(3));
for (const s of [0.02, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5]) console.log(s, "sketch", within(ranks0, s), "glance", within(ranks1, s));
var by = {};
for (const [i, q] of Q.entries()) {
  const k = by[q.kind] ??= { n: 0, s3: 0, g3: 0, full: [], lost: [] };
  k.n++;
  if (ranks0[i] < 0.3) k.s3++;
  if (ranks1[i] < 0.3) k.g3++;
  if (ranks1[i] >= 0.3 || ranks0[i] >= 0.3) {
    const g = G.find((x) => x.id === q.id);
    k.lost.push(`${ranks0[i].toFixed(2)}/${ranks1[i].toFixed(2)}:${comparePrints(readyPrint(q), g.ready).score.toFixed(2)}`);
  }
}
console.log(JSON.stringify(by, null, 0));
