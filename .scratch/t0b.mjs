// .scratch/t0b.ts
import { readFileSync } from "node:fs";

// core/flank/bentShift.ts
var TERMS = 6;
var NUMBERS = 2 * TERMS;
function noShift() {
  return new Float64Array(NUMBERS);
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
  const along = data.map((value, i) => {
    const column = i % columns;
    const before = column > 0 ? data[i - 1] : value;
    const after = column < columns - 1 ? data[i + 1] : value;
    return (before + 2 * value + after) / 4;
  });
  return along.map((value, i) => {
    const above = i >= columns ? along[i - columns] : value;
    const below = i < columns * (rows - 1) ? along[i + columns] : value;
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

// core/flank/comparePrints.ts
function readyPrint(print) {
  return { print, coarse: coarseLevel(print) };
}
var NOTHING = { score: 0, seen: 0, parts: [], shift: noShift() };

// .scratch/t0b.ts
var all = JSON.parse(readFileSync("/tmp/prints.json", "utf8")).map((p2) => {
  const b = Buffer.from(p2.cells, "base64");
  return { ...p2, cells: new Int8Array(b.buffer.slice(b.byteOffset, b.byteOffset + b.length)) };
});
var [, , t_, dens, vp_, den_, pr_] = process.argv;
var T = Number(t_);
var PL = 2;
var DX = dens === "1" ? [-6, -5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5, 6] : dens === "2" ? [-6, -4, -2, 0, 2, 4, 6] : [-5, -3, -1, 1, 3, 5];
var DY = dens === "1" ? [-4, -3, -2, -1, 0, 1, 2, 3, 4] : [-4, -2, 0, 2, 4];
var R = dens === "1" ? 2 : 1;
function sketch(ready) {
  const { columns, rows, value, known } = ready.coarse;
  const half = Math.ceil(columns / PL);
  const make = (dx) => {
    const p2 = new Int32Array(rows * PL), n2 = new Int32Array(rows * PL);
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
      n2[y * PL + h] = b;
    }
    return { p: p2, n: n2 };
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
var VP = Number(vp_);
var DEN = Number(den_);
var PRICE = Number(pr_);
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
        const p2 = ap[ia], n2 = an[ia], q = bp[ib], m = bn[ib];
        same += pop(p2 & q | n2 & m);
        diff += pop(p2 & m | n2 & q);
      }
      map[j * W + i] = (same - diff) / (same + diff + DEN);
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
      for (let e = -R; e <= R; e++) for (let f = -R; f <= R; f++) {
        const jj = j + e, ii = i + f;
        if (jj < 0 || jj >= H || ii < 0 || ii >= W) continue;
        const v = maps[k][jj * W + ii] - PRICE * (e * e + f * f);
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
var t0 = 0;
var n = 0;
for (const q of Q) {
  const ready = readyPrint(q);
  const s = sketch(ready);
  const same = G.filter((g) => g.kind === q.kind && g.side === q.side);
  let t = performance.now();
  const r0 = same.map((g) => ({ g, v: sk(s, g.sk) })).sort((a, b) => b.v - a.v);
  t0 += performance.now() - t;
  n += same.length;
  ranks0.push(r0.findIndex((x) => x.g.id === q.id) / same.length);
}
var within = (r, s) => (100 * r.filter((x) => x < s).length / r.length).toFixed(1);
console.log(process.argv.slice(2).join(" "), "ms", (t0 / n).toFixed(4), [0.02, 0.05, 0.1, 0.2, 0.3].map((x) => within(ranks0, x)).join(" "));
