import type { PlacesMessages } from '../../formats/placesMessages.js';
import type { Texts } from '../texts.js';

export const placesTexts: Texts<PlacesMessages> = {
  notGeoJson: 'This is not GeoJSON: it is cut short, or something else.',
  notGpx: 'This is not GPX: it is cut short, or something else.',
};
