import { err, ok, type Result } from '../measure/result.js';
import { placesMessage } from './placesMessages.js';
import { placeWithin, type MappedPlace, type PlacesRead } from './places.js';

/**
 * Waters and swims as GeoJSON (RFC 7946): a collection of points, longitude first, WGS 84.
 *
 * @example geoJson([]) // '{"type":"FeatureCollection","features":[]}'
 */
export function geoJson(places: readonly MappedPlace[]): string {
  const features = places.map(({ id, kind, name, of, note, position }) => ({
    type: 'Feature',
    ...(id !== null && { id }),
    geometry: { type: 'Point', coordinates: [position.longitudeDeg, position.latitudeDeg] },
    properties: { name, kind, of, note },
  }));
  return JSON.stringify({ type: 'FeatureCollection', features });
}

/**
 * Reads places out of GeoJSON: every point that is a feature. Lines, areas and points beyond the globe are counted and
 * left out.
 */
export function readGeoJson(text: string): Result<PlacesRead> {
  let given: unknown;
  try {
    given = JSON.parse(text);
  } catch {
    return err(placesMessage('notGeoJson'));
  }
  const features = featuresIn(given);
  if (!features) return err(placesMessage('notGeoJson'));
  const places = features.flatMap((feature) => {
    const place = placeIn(feature);
    return place ? [place] : [];
  });
  return ok({ places, leftOut: features.length - places.length });
}

type Plain = Readonly<Record<string, unknown>>;

function featuresIn(given: unknown): readonly unknown[] | undefined {
  if (!isPlain(given)) return undefined;
  if (given['type'] === 'Feature') return [given];
  return given['type'] === 'FeatureCollection' && Array.isArray(given['features']) ? given['features'] : undefined;
}

function placeIn(feature: unknown): MappedPlace | undefined {
  if (!isPlain(feature) || !isPlain(feature['geometry']) || feature['geometry']['type'] !== 'Point') return undefined;
  const { coordinates } = feature['geometry'];
  if (!Array.isArray(coordinates)) return undefined;
  const [longitudeDeg, latitudeDeg] = coordinates as unknown[];
  if (typeof longitudeDeg !== 'number' || typeof latitudeDeg !== 'number') return undefined;
  const properties = isPlain(feature['properties']) ? feature['properties'] : {};
  const text = (name: string) => (typeof properties[name] === 'string' ? properties[name] : null);
  const kind = properties['kind'];
  return placeWithin({
    id: typeof feature['id'] === 'string' ? feature['id'] : null,
    kind: kind === 'water' || kind === 'swim' ? kind : null,
    name: text('name') ?? '',
    of: text('of'),
    note: text('note') ?? text('description'),
    position: { latitudeDeg, longitudeDeg },
  });
}

function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
