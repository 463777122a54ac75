import { createHash } from 'node:crypto';
import { join } from 'node:path';
import type { PaintedKind } from '@keeper/core/domain/fish/anatomy';
import { DESCRIPTOR_VERSION } from '@keeper/core/recognition/descriptor/flankDescriptor';
import type { DescriptorOrder } from './descriptorOrder.js';

/** Names a print by all that it is made from: a picture that was laid anew has another one. */
export function descriptorKey(sha256: string, kind: PaintedKind, told: DescriptorOrder['told']): string {
  return createHash('sha256')
    .update(JSON.stringify([DESCRIPTOR_VERSION, sha256, kind, told]))
    .digest('hex');
}

/** Where a print is kept. */
export function descriptorFile(folder: string, key: string): string {
  return join(folder, key.slice(0, 2), `${key}.json`);
}
