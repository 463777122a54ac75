import { messagesOf, type None } from '../measure/message.js';

/** Why a file has no places in it. */
export interface PlacesMessages {
  notGeoJson: None;
  notGpx: None;
}

export const placesMessage = messagesOf<PlacesMessages>('places');
