import { readFileSync } from 'node:fs';
import { readyPrint, glance, coarsePlace, finePlace } from '../core/flank/comparePrints.js';
import { fineLevel } from '../core/flank/printLevel.js';
import { printSketch, movedSketch, sketchLikeness } from '../core/flank/printSketch.js';
const all = JSON.parse(readFileSync('/tmp/prints.json', 'utf8')).map((p: any) => { const b = Buffer.from(p.cells, 'base64'); return { ...p, cells: new Int8Array(b.buffer.slice(b.byteOffset, b.byteOffset + b.length)) }; });
const G = all.filter((p: any) => p.set === 'g').map((p: any) => { const ready = readyPrint(p); return { ...p, ready, sk: printSketch(ready.coarse) }; });
const ids = new Set(G.map((g: any) => g.id));
const Q = all.filter((p: any) => p.set === 'q').filter((_: any, i: number) => i % 3 === 0);
const names = ['fwd', 'max', 'mean'];
const S: any = {}; for (const n of names) S[n] = { r1: 0, n: 0, pos: [] as number[], neg: [] as number[] };
const now = () => performance.now(); let tf = 0, nf = 0; const lost: string[] = [];
for (const q of Q) {
  const ready = readyPrint(q); const mv = movedSketch(ready.coarse); const fine = fineLevel(ready.print);
  const same = G.filter((g: any) => g.kind === q.kind && g.side === q.side);
  const top = same.map((g: any) => ({ g, v: sketchLikeness(mv, g.sk) })).sort((a: any, b: any) => b.v - a.v).slice(0, 40);
  const laid = top.flatMap(({ g, v }: any) => { const p = coarsePlace(ready, g.ready, glance(ready, g.ready)); return p ? [{ g, p }] : []; }).sort((a: any, b: any) => b.p.likeness - a.p.likeness).slice(0, 12);
  const t = now();
  const res = laid.map(({ g, p }: any) => {
    const f = finePlace(ready, g.ready, p, fine).score; let r = 0;
    const back = coarsePlace(g.ready, ready, glance(g.ready, ready)); if (back) r = finePlace(g.ready, ready, back).score;
    return { id: g.id, fwd: f, max: Math.max(f, r), mean: (f + r) / 2 };
  }); tf += now() - t; nf += laid.length;
  for (const n of names) { const best = res.reduce((a: any, b: any) => (b[n] > (a?.[n] ?? -1) ? b : a), undefined) as any; if (ids.has(q.id)) { S[n].n++; if (best?.id === q.id) S[n].r1++; else if (n === 'max') { const tr = res.find((x: any) => x.id === q.id); lost.push(`${q.photo} ${top.findIndex((x: any) => x.g.id === q.id)} ${laid.findIndex((x: any) => x.g.id === q.id)} ${tr?.fwd.toFixed(2)}/${tr?.max.toFixed(2)} best ${best.max.toFixed(2)}`); } S[n].pos.push(best?.[n] ?? 0); } else S[n].neg.push(best?.[n] ?? 0); }
}
for (const n of names) { const { pos, neg } = S[n]; let c = 0; for (const p of pos) for (const m of neg) c += p > m ? 1 : p === m ? 0.5 : 0; console.log(n, 'rank1', (100 * S[n].r1 / S[n].n).toFixed(1), 'AUC', (c / pos.length / neg.length).toFixed(3)); }
console.log('both fine ms', tf / nf); console.log(lost.join('\n'));
