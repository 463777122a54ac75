import { readFileSync } from 'node:fs';
import { readyPrint } from '../core/flank/comparePrints.js';
import { whoIsThis } from '../core/flank/whoIsThis.js';
const all = JSON.parse(readFileSync('/tmp/prints.json', 'utf8')).map((p: any) => { const b = Buffer.from(p.cells, 'base64'); return { ...p, cells: new Int8Array(b.buffer.slice(b.byteOffset, b.byteOffset + b.length)) }; });
for (const kind of ['carp-mirror', 'pike']) {
const base = all.filter((p: any) => p.set === 'g' && p.kind === kind && p.side === 'left');
const Q = all.filter((p: any) => p.set === 'q' && p.kind === kind && p.side === 'left').slice(0, 30);
for (const n of [100, 1000, 10000]) {
  const G = Array.from({ length: n }, (_, i) => { const p = base[i % base.length]; const k = 1 + (i * 7) % 40; const cells = i < base.length ? p.cells : Int8Array.from(p.cells, (_: number, j: number) => p.cells[(j + k * 13) % p.cells.length]); return { fishId: `${i}`, ready: readyPrint({ ...p, cells }) }; });
  const t: number[] = []; for (const q of Q) { const asked = readyPrint(q); const b = performance.now(); whoIsThis(asked, G); t.push(performance.now() - b); }
  t.sort((a, b) => a - b); console.log(kind, n, 'median', t[15].toFixed(0), 'p95', t[28].toFixed(0));
}}
