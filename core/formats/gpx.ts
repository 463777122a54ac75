import { XMLBuilder, XMLParser, XMLValidator } from 'fast-xml-parser';
import { err, ok, type Result } from '../measure/result.js';
import { placesMessage } from './placesMessages.js';
import { placeWithin, type MappedPlace, type PlacesRead } from './places.js';

const NAMESPACE = 'http://www.topografix.com/GPX/1/1';
const SWIM_OF = /^swim of (.+)$/s;

/**
 * Waters and swims as GPX 1.1 (Topografix): a waypoint each; `type` says `water` or `swim of NAME`. The order of the
 * elements is that of its schema.
 */
export function gpx(places: readonly MappedPlace[]): string {
  const built = new XMLBuilder({ ignoreAttributes: false, format: true }).build({
    gpx: {
      '@_version': '1.1',
      '@_creator': 'Unhurried Keeper',
      '@_xmlns': NAMESPACE,
      wpt: places.map(({ kind, name, of, note, position }) => ({
        '@_lat': String(position.latitudeDeg),
        '@_lon': String(position.longitudeDeg),
        name,
        ...(note !== null && { desc: note }),
        ...(kind !== null && { type: kind === 'swim' && of !== null ? `swim of ${of}` : kind }),
      })),
    },
  });
  return `<?xml version="1.0" encoding="UTF-8"?>\n${String(built)}`;
}

/** Reads the waypoints of a GPX file, 1.0 or 1.1; tracks and routes are left. Entities of its own are not taken. */
export function readGpx(text: string): Result<PlacesRead> {
  if (text.includes('<!DOCTYPE') || XMLValidator.validate(text) !== true) return err(placesMessage('notGpx'));
  const parsed = new XMLParser({
    ignoreAttributes: false,
    removeNSPrefix: true,
    parseTagValue: false,
    isArray: (name) => name === 'wpt',
  }).parse(text) as { gpx?: { wpt?: readonly Waypoint[] } | '' };
  if (parsed.gpx === undefined) return err(placesMessage('notGpx'));
  const waypoints = (parsed.gpx === '' ? undefined : parsed.gpx.wpt) ?? [];
  const places = waypoints.flatMap((waypoint) => placeIn(waypoint) ?? []);
  return ok({ places, leftOut: waypoints.length - places.length });
}

interface Waypoint {
  readonly '@_lat'?: string;
  readonly '@_lon'?: string;
  readonly name?: unknown;
  readonly desc?: unknown;
  readonly cmt?: unknown;
  readonly type?: unknown;
}

function placeIn(waypoint: Waypoint): MappedPlace | undefined {
  const text = (value: unknown) => (typeof value === 'string' && value.trim() !== '' ? value : null);
  const degrees = (value: string | undefined) => (value === undefined || value.trim() === '' ? NaN : Number(value));
  const type = text(waypoint.type)?.trim() ?? '';
  const [, of = null] = SWIM_OF.exec(type) ?? [];
  return placeWithin({
    id: null,
    kind: of !== null || type === 'swim' ? 'swim' : type === 'water' ? 'water' : null,
    name: text(waypoint.name) ?? '',
    of,
    note: text(waypoint.desc) ?? text(waypoint.cmt),
    position: { latitudeDeg: degrees(waypoint['@_lat']), longitudeDeg: degrees(waypoint['@_lon']) },
  });
}
