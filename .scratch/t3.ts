import { readFileSync } from 'node:fs';
import { readyPrint } from '../core/flank/comparePrints.js';
import { whoIsThis } from '../core/flank/whoIsThis.js';
import { flankFigures } from '../bench/flankFigures.js';
const all = JSON.parse(readFileSync('/tmp/prints.json', 'utf8')).map((p: any) => { const b = Buffer.from(p.cells, 'base64'); return { ...p, cells: new Int8Array(b.buffer.slice(b.byteOffset, b.byteOffset + b.length)) }; });
const G = all.filter((p: any) => p.set === 'g').map((p: any) => ({ fishId: p.id, ready: readyPrint(p) }));
const Q = all.filter((p: any) => p.set === 'q').filter((_: any, i: number) => i % Number(process.argv[2] ?? 2) === 0);
const answers: any[] = [];
for (const q of Q) { const asked = readyPrint(q); const t = performance.now(); const { candidates, stranger } = whoIsThis(asked, G); answers.push({ query: q.photo, species: q.kind, individual: q.id, ranked: candidates.map((c) => ({ individual: c.fishId, score: c.match.score, probability: c.probability })), stranger, t: performance.now() - t }); }
for (const l of flankFigures(answers, new Set(G.map((g: any) => g.fishId)))) console.log(l);
console.log('median ms', answers.map((a) => a.t).sort((a, b) => a - b)[answers.length >> 1]);
if (process.argv[3]) { const { writeFileSync } = await import('node:fs'); const ids = new Set(G.map((g: any) => g.fishId)); writeFileSync(process.argv[3], JSON.stringify(answers.flatMap((a) => a.ranked.map((r: any) => ({ kind: a.species, s: r.score, same: r.individual === a.individual }))))); }
