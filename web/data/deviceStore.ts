import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { CaptureEvent } from '@keeper/core/capture/event';

/** Whether the server has it: not yet, yes, or it refused it and the keeper must look. */
export type SendState = 'waiting' | 'sent' | 'refused';

export interface StoredEvent {
  /** The order of tapping on this device, in which events are sent. */
  readonly order: number;
  readonly event: CaptureEvent;
  readonly state: SendState;
  readonly problem?: string;
}

export interface StoredPicture {
  readonly sha256: string;
  readonly captureId: string;
  readonly name: string;
  readonly bytes: Blob;
  readonly state: SendState;
  readonly problem?: string;
}

interface DeviceSchema extends DBSchema {
  events: { key: number; value: StoredEvent; indexes: { byState: SendState } };
  pictures: { key: string; value: StoredPicture; indexes: { byState: SendState } };
}

export type DeviceDatabase = IDBPDatabase<DeviceSchema>;

/** Opens what this device keeps for itself until the server has it. */
export function openDeviceStore(name = 'keeper'): Promise<DeviceDatabase> {
  return openDB<DeviceSchema>(name, 1, {
    upgrade(database) {
      const events = database.createObjectStore('events', { keyPath: 'order', autoIncrement: true });
      events.createIndex('byState', 'state');
      const pictures = database.createObjectStore('pictures', { keyPath: 'sha256' });
      pictures.createIndex('byState', 'state');
    },
  });
}
