import exifr from 'exifr';
import type { Position } from '@keeper/core/domain/water/water';

/** What the camera wrote into a picture. */
export interface CameraAdvice {
  readonly takenMs: number | null;
  readonly camera: string | null;
  /** Where it was taken. It stays on this device: it only tells which water it was. */
  readonly place: Position | null;
}

const TAGS = [
  ...['DateTimeOriginal', 'OffsetTimeOriginal', 'Make', 'Model'],
  ...['GPSLatitude', 'GPSLatitudeRef', 'GPSLongitude', 'GPSLongitudeRef'],
];

/** Reads the date, the camera and the place of a picture. A time without a zone is taken as this device's own. */
export async function cameraAdvice(file: Blob | Uint8Array): Promise<CameraAdvice> {
  const tags = (await exifr
    .parse(file, { pick: TAGS, reviveValues: false, translateValues: false })
    .catch(() => undefined)) as Record<string, unknown> | undefined;
  const text = (name: string) => (typeof tags?.[name] === 'string' ? tags[name].trim() : '');
  const degrees = (name: string, most: number) => {
    const value = tags?.[name];
    return typeof value === 'number' && Math.abs(value) <= most ? value : undefined;
  };
  const latitudeDeg = degrees('latitude', 90);
  const longitudeDeg = degrees('longitude', 180);
  return {
    takenMs: takenMs(text('DateTimeOriginal'), text('OffsetTimeOriginal')),
    camera: `${text('Make')} ${text('Model')}`.trim() || null,
    // A receiver that has found no place writes noughts.
    place:
      latitudeDeg !== undefined && longitudeDeg !== undefined && (latitudeDeg !== 0 || longitudeDeg !== 0)
        ? { latitudeDeg, longitudeDeg }
        : null,
  };
}

/** Example: `takenMs('2026:06:01 05:33:10', '+01:00')` is 04:33:10 UTC of that day. */
export function takenMs(date: string, zone: string): number | null {
  const parts = /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(date);
  if (!parts) return null;
  const [, year, month, day, time] = parts;
  const ms = Date.parse(`${year}-${month}-${day}T${time}${/^[+-]\d\d:\d\d$/.test(zone) ? zone : ''}`);
  return Number.isFinite(ms) && ms > 0 ? ms : null;
}
