import { readFileSync } from 'node:fs';
import { readyPrint, glance, coarsePlace, finePlace } from '../core/flank/comparePrints.js';
import { fineLevel } from '../core/flank/printLevel.js';
import { printSketch, movedSketch, sketchPlace } from '../core/flank/printSketch.js';
const all = JSON.parse(readFileSync('/tmp/prints.json', 'utf8')).map((p: any) => { const b = Buffer.from(p.cells, 'base64'); return { ...p, cells: new Int8Array(b.buffer.slice(b.byteOffset, b.byteOffset + b.length)) }; });
const G = all.filter((p: any) => p.set === 'g').map((p: any) => { const ready = readyPrint(p); return { ...p, ready, sk: printSketch(ready.coarse) }; });
const ids = new Set(G.map((g: any) => g.id));
const Q = all.filter((p: any) => p.set === 'q' && ids.has(p.id)).filter((_: any, i: number) => i % 3 === 0);
const T: any = { s2: 0, s1: 0, g: 0, c: 0, f: 0, n: 0, ng: 0, nc: 0, nf: 0 }; const R: any = { s2: [], s1: [], g: [], c: [], cs: [] };
const now = () => performance.now();
for (const q of Q) {
  const ready = readyPrint(q); const mv = movedSketch(ready.coarse);
  const same = G.filter((g: any) => g.kind === q.kind && g.side === q.side);
  const rank = (l: any[]) => l.sort((a, b) => b.v - a.v).findIndex((x) => x.g.id === q.id) / same.length;
  let t = now(); const a = same.map((g: any) => ({ g, v: sketchPlace(mv, g.sk, 2).likeness })); T.s2 += now() - t;
  t = now(); const b = same.map((g: any) => { const pl = sketchPlace(mv, g.sk); return { g, pl, v: pl.likeness }; }); T.s1 += now() - t; T.n += same.length;
  R.s2.push(rank(a)); R.s1.push(rank(b));
  const top = b.slice(0, 40);
  t = now(); const c = top.map(({ g, pl }: any) => ({ g, p: coarsePlace(ready, g.ready, { likeness: 0, shifts: [pl.shift] }) })); T.g += now() - t; T.ng += top.length;
  R.g.push(rank(c.map((x: any) => ({ ...x, v: x.p?.likeness ?? 0 }))));
  t = now(); const d = top.map(({ g, pl }: any) => { const r = glance(ready, g.ready); return { g, p: coarsePlace(ready, g.ready, { likeness: 0, shifts: [...r.shifts, pl.shift] }) }; }); T.c += now() - t; T.nc += top.length;
  R.c.push(rank(d.map((x: any) => ({ ...x, v: x.p?.likeness ?? 0 }))));
  const e = top.map(({ g, pl }: any) => { const r = glance(ready, g.ready); return { g, p: coarsePlace(ready, g.ready, r) }; });
  R.cs.push(rank(e.map((x: any) => ({ ...x, v: x.p?.likeness ?? 0 }))));
}
const within = (r: number[], k: number) => (100 * r.filter((x) => x * 84 < k).length / r.length).toFixed(1);
console.log('ms: step2', T.s2 / T.n, 'step1', T.s1 / T.n, 'glance', T.g / T.ng, 'coarse', T.c / T.nc);
for (const k of [1, 3, 5, 8, 12, 20, 30, 40]) console.log(k, Object.keys(R).map((x) => `${x} ${within(R[x], k)}`).join('  '));
