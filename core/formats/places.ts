import type { Position } from '../domain/water/water.js';

/** A water or a swim as a map has it. */
export interface MappedPlace {
  readonly id: string | null;
  readonly kind: 'water' | 'swim' | null;
  readonly name: string;
  /** The water that a swim is of, by its name. */
  readonly of: string | null;
  readonly note: string | null;
  readonly position: Position;
}

/** Places that came, and how many there were that are none: without a point, or beyond the globe. */
export interface PlacesRead {
  readonly places: readonly MappedPlace[];
  readonly leftOut: number;
}

/** Longer names and notes of a map are cut; the note is the keeper's to write on. */
export const PLACE_BOUNDS = { name: 120, note: 4000 } as const;

/** A place with bounds on what it says; undefined where its position is none. */
export function placeWithin(place: MappedPlace): MappedPlace | undefined {
  const { latitudeDeg, longitudeDeg } = place.position;
  const onGlobe = Math.abs(latitudeDeg) <= 90 && Math.abs(longitudeDeg) <= 180;
  if (!Number.isFinite(latitudeDeg) || !Number.isFinite(longitudeDeg) || !onGlobe) return undefined;
  return {
    ...place,
    name: place.name.trim().slice(0, PLACE_BOUNDS.name),
    note: place.note?.trim().slice(0, PLACE_BOUNDS.note) || null,
  };
}
