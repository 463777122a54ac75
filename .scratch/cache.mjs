// .scratch/cache.ts
import sharp from "sharp";
import { writeFileSync } from "node:fs";
import { dirname, join } from "node:path";

// core/picture/gaussian.ts
function smoothed({ widthPx, heightPx, data }, deviationPx) {
  const reach = Math.max(1, Math.ceil(deviationPx * 3));
  const raw = Array.from({ length: 2 * reach + 1 }, (_, i) => Math.exp(-((i - reach) ** 2) / (2 * deviationPx ** 2)));
  const total = raw.reduce((sum, weight) => sum + weight, 0);
  const bell = Float64Array.from(raw, (weight) => weight / total);
  const rows = new Float32Array(data.length);
  const out2 = new Float32Array(data.length);
  const line = new Float64Array(widthPx + 2 * reach);
  for (let y = 0; y < heightPx; y += 1) {
    const row = y * widthPx;
    for (let x = 0; x < line.length; x += 1) {
      line[x] = data[row + Math.min(widthPx - 1, Math.max(0, x - reach))];
    }
    for (let x = 0; x < widthPx; x += 1) {
      let sum = 0;
      for (let k = 0; k < bell.length; k += 1) sum += line[x + k] * bell[k];
      rows[row + x] = sum;
    }
  }
  for (let y = 0; y < heightPx; y += 1) {
    for (let k = 0; k < bell.length; k += 1) {
      const from = Math.min(heightPx - 1, Math.max(0, y + k - reach)) * widthPx;
      const weight = bell[k];
      for (let x = 0, to = y * widthPx; x < widthPx; x += 1, to += 1) {
        out2[to] = out2[to] + rows[from + x] * weight;
      }
    }
  }
  return { widthPx, heightPx, data: out2 };
}

// core/fish/anatomy.ts
var p = (u, v) => ({ u, v });
var fin = (over, rays, root, ...outline) => ({
  over,
  rays,
  root,
  outline
});
var forkedTail = (spread, depth) => fin(
  false,
  26,
  p(0.9, 0),
  p(0.955, -0.045),
  p(1.04, -spread * 0.8),
  p(1.13, -spread),
  p(1.1, -spread * 0.5),
  p(1 + depth, 0),
  p(1.1, spread * 0.5),
  p(1.13, spread),
  p(1.04, spread * 0.8),
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

// core/picture/raster.ts
function shrunkRaster(raster, longestPx) {
  const by = Math.min(1, longestPx / Math.max(raster.widthPx, raster.heightPx));
  if (by === 1) return raster;
  const widthPx = Math.max(1, Math.round(raster.widthPx * by));
  const heightPx = Math.max(1, Math.round(raster.heightPx * by));
  const data = new Uint8ClampedArray(widthPx * heightPx * 3);
  const { channels, data: from } = raster;
  for (let y = 0, to = 0; y < heightPx; y += 1) {
    const top = Math.floor(y * raster.heightPx / heightPx);
    const bottom = Math.max(top + 1, Math.floor((y + 1) * raster.heightPx / heightPx));
    for (let x = 0; x < widthPx; x += 1, to += 3) {
      const left = Math.floor(x * raster.widthPx / widthPx);
      const right = Math.max(left + 1, Math.floor((x + 1) * raster.widthPx / widthPx));
      let [red, green, blue] = [0, 0, 0];
      for (let j = top; j < bottom; j += 1) {
        for (let i = (j * raster.widthPx + left) * channels; i < (j * raster.widthPx + right) * channels; i += channels) {
          red += from[i];
          green += from[i + 1];
          blue += from[i + 2];
        }
      }
      const count = (bottom - top) * (right - left);
      data[to] = red / count;
      data[to + 1] = green / count;
      data[to + 2] = blue / count;
    }
  }
  return { widthPx, heightPx, channels: 3, data };
}
function lightOf({ widthPx, heightPx, channels, data: from }) {
  const data = new Float32Array(widthPx * heightPx);
  for (let i = 0, at = 0; i < data.length; i += 1, at += channels) {
    data[i] = 0.299 * from[at] + 0.587 * from[at + 1] + 0.114 * from[at + 2];
  }
  return { widthPx, heightPx, data };
}
function planesOf(raster) {
  const { widthPx, heightPx, channels, data: from } = raster;
  const redness = new Float32Array(widthPx * heightPx);
  const yellowness = new Float32Array(widthPx * heightPx);
  for (let i = 0, at = 0; i < redness.length; i += 1, at += channels) {
    const [red, green, blue] = [from[at], from[at + 1], from[at + 2]];
    redness[i] = red - green;
    yellowness[i] = (red + green) / 2 - blue;
  }
  const plane = (data) => ({ widthPx, heightPx, data });
  return { light: lightOf(raster), redness: plane(redness), yellowness: plane(yellowness) };
}
function sampled({ widthPx, heightPx, data }, x, y) {
  const sx = x < 0 ? 0 : x > widthPx - 1.001 ? widthPx - 1.001 : x;
  const sy = y < 0 ? 0 : y > heightPx - 1.001 ? heightPx - 1.001 : y;
  const x0 = sx | 0;
  const y0 = sy | 0;
  const fx = sx - x0;
  const fy = sy - y0;
  const at = y0 * widthPx + x0;
  const top = data[at] * (1 - fx) + data[at + 1] * fx;
  const bottom = data[at + widthPx] * (1 - fx) + data[at + widthPx + 1] * fx;
  return top * (1 - fy) + bottom * fy;
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

// core/statistics/thinPlate.ts
function thinPlate(from, to, stiffness = 0) {
  const n = from.length;
  if (n < 3 || to.length !== n) return void 0;
  const size = n + 3;
  const rows = Array.from({ length: size }, () => new Float64Array(size + 2));
  for (const [i, a] of from.entries()) {
    const row = rows[i];
    for (const [j, b] of from.entries())
      row[j] = bending((a.x - b.x) ** 2 + (a.y - b.y) ** 2) + (i === j ? stiffness : 0);
    for (const [k, value] of [1, a.x, a.y].entries()) {
      row[n + k] = value;
      rows[n + k][i] = value;
    }
    row[size] = to[i].x;
    row[size + 1] = to[i].y;
  }
  if (!eliminate(rows, size)) return void 0;
  const weight = (i, axis) => rows[i][size + axis];
  return (x, y) => {
    let [px, py] = [
      weight(n, 0) + weight(n + 1, 0) * x + weight(n + 2, 0) * y,
      weight(n, 1) + weight(n + 1, 1) * x + weight(n + 2, 1) * y
    ];
    for (let i = 0; i < n; i += 1) {
      const at = from[i];
      const u = bending((x - at.x) ** 2 + (y - at.y) ** 2);
      px += weight(i, 0) * u;
      py += weight(i, 1) * u;
    }
    return { x: px, y: py };
  };
}
function bending(squared) {
  return squared === 0 ? 0 : squared * Math.log(squared);
}
function eliminate(rows, size) {
  for (let column = 0; column < size; column += 1) {
    let best = column;
    for (let i = column + 1; i < size; i += 1) {
      if (Math.abs(rows[i][column]) > Math.abs(rows[best][column]))
        best = i;
    }
    [rows[column], rows[best]] = [rows[best], rows[column]];
    const pivotRow = rows[column];
    const pivot = pivotRow[column];
    if (Math.abs(pivot) < LEAST_PIVOT) return false;
    for (let k = column; k < pivotRow.length; k += 1) pivotRow[k] = pivotRow[k] / pivot;
    for (const [i, row] of rows.entries()) {
      const times = row[column];
      if (i === column || times === 0) continue;
      for (let k = column; k < row.length; k += 1) row[k] = row[k] - times * pivotRow[k];
    }
  }
  return true;
}
var LEAST_PIVOT = 1e-10;

// core/flank/flankMap.ts
var STIFFNESS = 0.1;
function flankMap(landmarks, kind) {
  const built = anatomyOf(kind, 1).landmarks;
  const map = thinPlate(
    LANDMARKS.map((name) => ({ x: built[name].u, y: built[name].v })),
    LANDMARKS.map((name) => landmarks[name]),
    STIFFNESS
  );
  if (!map) throw new RangeError(`The build of ${kind} has no frame.`);
  return map;
}

// core/flank/laidFlank.ts
var BURNT = 246;
function laidFlank(raster, landmarks, kind, frame) {
  const { columns, rows, cell, fromU, fromV, body } = frame;
  const lengthPx = Math.hypot(landmarks.fork.x - landmarks.snout.x, landmarks.fork.y - landmarks.snout.y);
  const longestPx = Math.max(raster.widthPx, raster.heightPx);
  const small = shrunkRaster(raster, Math.max(32, Math.round(1.2 * longestPx / (Math.max(1, lengthPx) * cell))));
  const scale = small.widthPx / raster.widthPx;
  const planes = planesOf(small);
  const map = flankMap(landmarks, kind);
  const empty = () => new Float32Array(columns * rows);
  const laid = { light: empty(), redness: empty(), yellowness: empty(), known: empty() };
  for (let row = 0, i = 0; row < rows; row += 1) {
    for (let column = 0; column < columns; column += 1, i += 1) {
      if (body[i] === 0) continue;
      const at = map(fromU + (column + 0.5) * cell, fromV + (row + 0.5) * cell);
      const [x, y] = [at.x * scale - 0.5, at.y * scale - 0.5];
      if (x < 0 || y < 0 || x > small.widthPx - 1 || y > small.heightPx - 1) continue;
      const light = sampled(planes.light, x, y);
      laid.light[i] = light;
      laid.redness[i] = sampled(planes.redness, x, y);
      laid.yellowness[i] = sampled(planes.yellowness, x, y);
      laid.known[i] = light < BURNT ? 1 : 0;
    }
  }
  return laid;
}

// core/flank/underHands.ts
var LEAST_RED = 0.1;
var REDDER = 0.22;
var MOST = 0.5;
var AGREE = 5;
function underHands({ light, redness, yellowness, known }, { columns, rows }) {
  const ratio = redness.map((red, i) => red / (Math.abs(yellowness[i]) + 8));
  const seen = ratio.filter((_, i) => known[i] === 1).toSorted();
  const usual = seen[Math.floor(0.4 * seen.length)] ?? 0;
  const skin = Uint8Array.from(
    ratio,
    (value, i) => known[i] === 1 && redness[i] > LEAST_RED * light[i] && value > usual + REDDER ? 1 : 0
  );
  const none = new Uint8Array(skin.length);
  if (skin.reduce((sum, is) => sum + is, 0) > MOST * seen.length) return none;
  return none.map((_, i) => {
    const [row, column] = [Math.floor(i / columns), i % columns];
    if (skin[i] === 0 || row === 0 || column === 0 || row === rows - 1 || column === columns - 1) return 0;
    let alike = 0;
    for (const above of [i - columns, i, i + columns])
      for (let k = above - 1; k <= above + 1; k += 1) alike += skin[k];
    return alike >= AGREE ? 1 : 0;
  });
}

// core/flank/flankPrint.ts
var UNKNOWN = -128;
var GLOW = 2;
var ALONG = 24;
var AROUND = 6;
var VARIES = 12;
var LEAST_VARIATION = 4;
var STEPS_A_DEVIATION = 42;
function flankPrint(raster, landmarks, side, kind) {
  const frame = flankFrame(kind);
  const laid = laidFlank(raster, landmarks, kind, frame);
  const known = withoutGlow(withoutHands(laid, frame), frame);
  const level = againstRow(laid.light, known, frame);
  return { side, kind, cells: againstSurroundings(level, known, frame) };
}
function withoutHands(laid, frame) {
  const hands = underHands(laid, frame);
  return laid.known.map((is, i) => hands[i] === 1 ? 0 : is);
}
function withoutGlow(known, { columns, rows, body }) {
  let now = known;
  for (let turn = 0; turn < GLOW; turn += 1) {
    const before = now;
    const dark = (i) => body[i] === 1 && before[i] === 0;
    now = before.map((is, i) => {
      const column = i % columns;
      const beside = column > 0 && dark(i - 1) || column < columns - 1 && dark(i + 1);
      return beside || i >= columns && dark(i - columns) || i < columns * (rows - 1) && dark(i + columns) ? 0 : is;
    });
  }
  return now;
}
function againstRow(light, known, { columns }) {
  return light.map((value, i) => {
    if (known[i] === 0) return 0;
    const [row, column] = [i - i % columns, i % columns];
    let [sum, weights] = [0, 0];
    for (let k = Math.max(0, column - ALONG); k <= Math.min(columns - 1, column + ALONG); k += 1) {
      if (known[row + k] === 0) continue;
      const weight = 1 - Math.abs(k - column) / (ALONG + 1);
      sum += weight * light[row + k];
      weights += weight;
    }
    return value - sum / weights;
  });
}
function againstSurroundings(level, known, { columns, rows }) {
  const plane = (data) => ({ widthPx: columns, heightPx: rows, data });
  const share = smoothed(plane(known), AROUND).data;
  const mean = smoothed(plane(level), AROUND).data;
  const off = level.map((value, i) => known[i] === 1 ? value - mean[i] / share[i] : 0);
  const varies = smoothed(plane(off.map((value) => value * value)), VARIES).data;
  const counted = smoothed(plane(known), VARIES).data;
  return Int8Array.from(off, (value, i) => {
    if (known[i] === 0) return UNKNOWN;
    const deviation = Math.sqrt(varies[i] / Math.max(0.05, counted[i]));
    const steps = Math.round(STEPS_A_DEVIATION * value / Math.max(LEAST_VARIATION, deviation));
    return Math.max(-127, Math.min(127, steps));
  });
}

// bench/flankCsv.ts
import { readFile, writeFile } from "node:fs/promises";
import Papa from "papaparse";
var KINDS = {
  carp_mirror: "carp-mirror",
  carp_linear: "carp-linear",
  carp_common: "carp-common",
  pike: "pike",
  barbel: "barbel",
  catfish: "wels"
};
var HEAD = ["photo", "individual", "species", "side", ...LANDMARKS.flatMap((name) => [`${name}_x`, `${name}_y`])];
function kindOf(species) {
  const kind = KINDS[species];
  if (!kind) throw new RangeError(`The species "${species}" is not one of ${Object.keys(KINDS).join(", ")}.`);
  return kind;
}
async function readFlankCsv(file) {
  const { data, meta } = Papa.parse((await readFile(file, "utf8")).replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (name) => name.trim()
  });
  const missing = HEAD.filter((name) => !meta.fields?.includes(name));
  if (missing.length > 0) throw new RangeError(`${file} lacks the columns ${missing.join(", ")}.`);
  return data.map((cells, i) => rowOf((name) => (cells[name] ?? "").trim(), `${file}, line ${i + 2}`));
}
function rowOf(cell, where) {
  const [photo, individual, species, side] = [cell("photo"), cell("individual"), cell("species"), cell("side")];
  kindOf(species);
  if (side !== "left" && side !== "right") throw new RangeError(`${where}: the side is "${side}", not left or right.`);
  const number = (name) => {
    const value = Number(cell(name));
    if (cell(name) === "" || !Number.isFinite(value)) throw new RangeError(`${where}: ${name} is not a number.`);
    return value;
  };
  const landmarks = Object.fromEntries(
    LANDMARKS.map((name) => [name, { x: number(`${name}_x`), y: number(`${name}_y`) }])
  );
  return { photo, individual, species, side, landmarks };
}

// .scratch/cache.ts
var out = [];
for (const file of ["/tmp/flankset/G.csv", "/tmp/flankset/Q.csv"]) for (const row of await readFlankCsv(file)) {
  const raw = await sharp(join(dirname(file), row.photo)).rotate().removeAlpha().toColourspace("srgb").raw().toBuffer({ resolveWithObject: true });
  const p2 = flankPrint({ widthPx: raw.info.width, heightPx: raw.info.height, channels: 3, data: raw.data }, row.landmarks, row.side, kindOf(row.species));
  out.push({ set: file.includes("G.csv") ? "g" : "q", id: row.individual, photo: row.photo, side: p2.side, kind: p2.kind, cells: Buffer.from(p2.cells.buffer).toString("base64") });
}
writeFileSync("/tmp/prints.json", JSON.stringify(out));
