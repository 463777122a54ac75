import sharp from 'sharp';
import { writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { flankPrint } from '../core/flank/flankPrint.js';
import { readFlankCsv, kindOf } from '../bench/flankCsv.js';
const out: any[] = [];
for (const file of ['/tmp/flankset/G.csv', '/tmp/flankset/Q.csv']) for (const row of await readFlankCsv(file)) {
  const raw = await sharp(join(dirname(file), row.photo)).rotate().removeAlpha().toColourspace('srgb').raw().toBuffer({ resolveWithObject: true });
  const p = flankPrint({ widthPx: raw.info.width, heightPx: raw.info.height, channels: 3, data: raw.data } as any, row.landmarks, row.side, kindOf(row.species));
  out.push({ set: file.includes('G.csv') ? 'g' : 'q', id: row.individual, photo: row.photo, side: p.side, kind: p.kind, cells: Buffer.from(p.cells.buffer).toString('base64') });
}
writeFileSync('/tmp/prints.json', JSON.stringify(out));
