import { watersText } from './text.en-GB.js';
import { useState } from 'react';
import type { FieldProblem } from '@keeper/contract/errors';
import { TextField } from '../../parts/TextField.js';
import { sentenceAt, parseTypedNumber } from '../../parts/typed.js';

export interface PlaceDraft {
  readonly latitude: string;
  readonly longitude: string;
}

/**
 * The place as it goes into the book; null when neither field is filled. What is no number stays for the contract to
 * refuse.
 */
export function placeOf({ latitude, longitude }: PlaceDraft): { latitudeDeg: number; longitudeDeg: number } | null {
  const [latitudeDeg, longitudeDeg] = [parseTypedNumber(latitude), parseTypedNumber(longitude)];
  if (latitudeDeg === undefined && longitudeDeg === undefined) return null;
  return { latitudeDeg: latitudeDeg ?? NaN, longitudeDeg: longitudeDeg ?? NaN };
}

interface PlaceFieldsProps {
  readonly draft: PlaceDraft;
  readonly onChange: (change: Partial<PlaceDraft>) => void;
  readonly problems: readonly FieldProblem[];
}

/** Where it lies, in degrees; or from the phone, where it knows. */
export function PlaceFields({ draft, onChange, problems }: PlaceFieldsProps) {
  const [failed, setFailed] = useState(false);
  const here = () => {
    setFailed(false);
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => onChange({ latitude: coords.latitude.toFixed(5), longitude: coords.longitude.toFixed(5) }),
      () => setFailed(true),
    );
  };
  return (
    <div className="grid gap-3">
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label={watersText.latitudeDegreesNorth}
          numeric
          placeholder="46.712"
          value={draft.latitude}
          problem={sentenceAt(problems, 'position.latitudeDeg')}
          onChange={(latitude) => onChange({ latitude })}
        />
        <TextField
          label={watersText.longitudeDegreesEast}
          numeric
          placeholder="-22.418"
          value={draft.longitude}
          problem={sentenceAt(problems, 'position.longitudeDeg')}
          onChange={(longitude) => onChange({ longitude })}
        />
      </div>
      {'geolocation' in navigator && (
        <p>
          <button type="button" className="button font-normal" onClick={here}>
            {watersText.iAmThereNow}
          </button>
        </p>
      )}
      {failed && <p role="alert">{watersText.thisDeviceDoesNot}</p>}
    </div>
  );
}
