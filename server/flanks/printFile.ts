import { createHash } from 'node:crypto';
import { join } from 'node:path';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { PRINT_WAY } from '@keeper/core/recognition/descriptor/flankDescriptor';
import type { PrintOrder } from './printOrder.js';

/** Names a print by all that it is made from: a picture that was laid anew has another one. */
export function printKey(sha256: string, kind: PaintedKind, told: PrintOrder['told']): string {
  return createHash('sha256')
    .update(JSON.stringify([PRINT_WAY, sha256, kind, told]))
    .digest('hex');
}

/** Where a print is kept. */
export function printFile(folder: string, key: string): string {
  return join(folder, key.slice(0, 2), `${key}.json`);
}
