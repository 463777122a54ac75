import { readFileSync } from 'node:fs';
import { readyPrint, glance, coarsePlace, finePlace, comparePrints } from '../core/flank/comparePrints.js';
import { fineLevel } from '../core/flank/printLevel.js';
const all = JSON.parse(readFileSync('/tmp/prints.json', 'utf8')).map((p: any) => { const b = Buffer.from(p.cells, 'base64'); return { ...p, cells: new Int8Array(b.buffer.slice(b.byteOffset, b.byteOffset + b.length)) }; });
const [,, t_, dens, vp_, den_, pr_] = process.argv; const T = Number(t_), PL = 2, DX = dens === '1' ? [-6,-5,-4,-3,-2,-1,0,1,2,3,4,5,6] : dens === '2' ? [-6,-4,-2,0,2,4,6] : [-5,-3,-1,1,3,5], DY = dens === '1' ? [-4,-3,-2,-1,0,1,2,3,4] : [-4,-2,0,2,4]; const R = dens==='1'?2:1;
function sketch(ready: any) {
  const { columns, rows, value, known } = ready.coarse;
  const half = Math.ceil(columns / PL);
  const make = (dx: number) => {
    const p = new Int32Array(rows * PL), n = new Int32Array(rows * PL);
    for (let y = 0; y < rows; y++) for (let h = 0; h < PL; h++) { let a = 0, b = 0; for (let x = 0; x < half; x++) { const c = h * half + x + dx; if (h * half + x >= columns || c < 0 || c >= columns || !known[y * columns + c]) continue; const v = value[y * columns + c]; if (v > T) a |= 1 << x; else if (v < -T) b |= 1 << x; } p[y * PL + h] = a; n[y * PL + h] = b; }
    return { p, n };
  };
  return { rows, at: DX.map(make), zero: make(0), half };
}
const pop = (v: number) => { v -= (v >>> 1) & 0x55555555; v = (v & 0x33333333) + ((v >>> 2) & 0x33333333); return (((v + (v >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24; };
const W = DX.length, H = DY.length;
const VP = Number(vp_), DEN = Number(den_), PRICE = Number(pr_);
function sk(a: any, b: any) {
  const rows = a.rows; const maps: Float32Array[] = []; let wsum = 0; const ws: number[] = [];
  const per = Math.ceil(rows / VP);
  for (let vp = 0; vp < VP; vp++) for (let h = 0; h < PL; h++) {
    const map = new Float32Array(W * H); let most = 0;
    for (let j = 0; j < H; j++) for (let i = 0; i < W; i++) {
      const bp = b.at[i].p, bn = b.at[i].n, ap = a.zero.p, an = a.zero.n; let same = 0, diff = 0;
      const y0 = vp * per, y1 = Math.min(rows, y0 + per);
      for (let y = y0; y < y1; y++) { const yy = y + DY[j]; if (yy < 0 || yy >= rows) continue; const ia = y * PL + h, ib = yy * PL + h;
        const p = ap[ia], n = an[ia], q = bp[ib], m = bn[ib];
        same += pop((p & q) | (n & m)); diff += pop((p & m) | (n & q)); }
      map[j * W + i] = (same - diff) / (same + diff + DEN); if (same + diff > most) most = same + diff;
    }
    maps.push(map); const w = Math.sqrt(most); ws.push(w); wsum += w;
  }
  let best = -1;
  for (let j = 0; j < H; j++) for (let i = 0; i < W; i++) { let s = 0; for (let k = 0; k < maps.length; k++) { let m = -1; for (let e = -R; e <= R; e++) for (let f = -R; f <= R; f++) { const jj = j + e, ii = i + f; if (jj < 0 || jj >= H || ii < 0 || ii >= W) continue; const v = maps[k][jj * W + ii] - PRICE * (e * e + f * f); if (v > m) m = v; } s += ws[k] * m; } if (s / wsum > best) best = s / wsum; }
  return best;
}
const G = all.filter((p: any) => p.set === 'g').map((p: any) => { const ready = readyPrint(p); return { ...p, ready, sk: sketch(ready) }; });
const ids = new Set(G.map((g: any) => g.id));
const Q = all.filter((p: any) => p.set === 'q' && ids.has(p.id)).filter((_: any, i: number) => i % 3 === 0);
const ranks0: number[] = [], ranks1: number[] = []; let t0 = 0, t1 = 0, n = 0;
for (const q of Q) {
  const ready = readyPrint(q); const s = sketch(ready);
  const same = G.filter((g: any) => g.kind === q.kind && g.side === q.side);
  let t = performance.now();
  const r0 = same.map((g: any) => ({ g, v: sk(s, g.sk) })).sort((a: any, b: any) => b.v - a.v); t0 += performance.now() - t;
n += same.length;
  ranks0.push(r0.findIndex((x: any) => x.g.id === q.id) / same.length); 
}
const within = (r: number[], s: number) => (100 * r.filter((x) => x < s).length / r.length).toFixed(1);
console.log(process.argv.slice(2).join(' '), 'ms', (t0 / n).toFixed(4), [0.02,0.05, 0.1, 0.2, 0.3].map((x) => within(ranks0, x)).join(' '));