import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { FieldProblem } from '@keeper/contract/errors';
import type { LoggedEvent } from '@keeper/core/domain/outing/event';

/** Whether the server has it: not yet, yes, or it refused it and the keeper must look. */
export type SendState = 'waiting' | 'sent' | 'refused';

/**
 * Why an entry was refused, and whether it may be taken another time. Entries from before that was told apart have
 * none.
 */
export interface Refusal {
  readonly problem?: string;
  readonly verdict?: 'never' | 'later';
  /** Which of its fields, as paths within the entry. */
  readonly fields?: readonly FieldProblem[];
}

export interface StoredEvent extends Refusal {
  /** The order of tapping on this device, in which events are sent. */
  readonly order: number;
  readonly event: LoggedEvent;
  readonly state: SendState;
  /** When the server had taken it. */
  readonly sentMs?: number;
}

export interface StoredPicture extends Refusal {
  readonly sha256: string;
  readonly captureId: string;
  readonly name: string;
  readonly bytes: Blob;
  readonly state: SendState;
}

export const ROW_KINDS = [
  'waters',
  'swims',
  'rigs',
  'kit',
  'rehearsals',
  'fish',
  'meetings',
  'imports',
  'joinings',
  'views',
  'keepers',
] as const;
export type RowKind = (typeof ROW_KINDS)[number];

/** A row as it was written on this device, waiting for the server to take it. */
export interface StoredRow extends Refusal {
  /** The order of writing on this device. */
  readonly order: number;
  readonly kind: RowKind;
  readonly id: string;
  /** What is sent: the row at the revision that it was read at. */
  readonly body: { readonly revision: number };
  readonly state: SendState;
}

interface DeviceSchema extends DBSchema {
  events: { key: number; value: StoredEvent; indexes: { byState: SendState } };
  pictures: { key: string; value: StoredPicture; indexes: { byState: SendState } };
  rows: { key: number; value: StoredRow; indexes: { byState: SendState } };
}

export type DeviceDatabase = IDBPDatabase<DeviceSchema>;

/** Opens what this device keeps for itself until the server has it. */
export function openDeviceStore(name = 'keeper'): Promise<DeviceDatabase> {
  return openDB<DeviceSchema>(name, 2, {
    upgrade(database, before) {
      if (before < 1) {
        const events = database.createObjectStore('events', { keyPath: 'order', autoIncrement: true });
        events.createIndex('byState', 'state');
        const pictures = database.createObjectStore('pictures', { keyPath: 'sha256' });
        pictures.createIndex('byState', 'state');
      }
      if (before < 2) {
        const rows = database.createObjectStore('rows', { keyPath: 'order', autoIncrement: true });
        rows.createIndex('byState', 'state');
      }
    },
  });
}
