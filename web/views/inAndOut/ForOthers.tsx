import { Download } from 'lucide-react';
import { useState } from 'react';
import type { DarwinPlace } from '@keeper/core/formats/darwinCore';
import { useWaters } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { inAndOutText } from './text.en-GB.js';

/** What leaves for scientists, for the bailiff of a water, and for maps. */
export function ForOthers() {
  return (
    <>
      <Science />
      <Bailiff />
      <Section title={inAndOutText.maps}>
        <p className="mb-3 text-soft">{inAndOutText.mapsHow}</p>
        <div className="flex flex-wrap gap-3">
          <a href="/api/places.geojson" download className="button">
            <Download size={20} aria-hidden />
            {inAndOutText.geoJson}
          </a>
          <a href="/api/places.gpx" download className="button">
            <Download size={20} aria-hidden />
            {inAndOutText.gpx}
          </a>
        </div>
      </Section>
    </>
  );
}

function Science() {
  const [from, setFrom] = useState('');
  const [place, setPlace] = useState<DarwinPlace>('country');
  const query = new URLSearchParams({ from: from.trim(), place });
  return (
    <Section title={inAndOutText.science}>
      <p className="mb-3 text-soft">{inAndOutText.scienceHow}</p>
      <div className="grid gap-3">
        <TextField
          className="max-w-sm"
          label={inAndOutText.recordsOf}
          value={from}
          onChange={setFrom}
          mostLetters={60}
        />
        <Choice<DarwinPlace>
          label={inAndOutText.whereWas}
          value={place}
          onChange={setPlace}
          options={[
            { value: 'country', label: inAndOutText.placeCountry },
            { value: 'coarse', label: inAndOutText.placeCoarse },
            { value: 'named', label: inAndOutText.placeNamed },
          ]}
        />
        <Fetch to={from.trim() === '' ? undefined : `/api/darwin-core.zip?${query.toString()}`}>
          {inAndOutText.darwinCore}
        </Fetch>
      </div>
    </Section>
  );
}

function Bailiff() {
  const waters = useWaters();
  const [waterId, setWater] = useState('');
  const [fromDay, setFrom] = useState('');
  const [toDay, setTo] = useState('');
  const query = new URLSearchParams({ ...(fromDay && { fromDay }), ...(toDay && { toDay }) });
  if (waters.length === 0) return null;
  return (
    <Section title={inAndOutText.bailiff}>
      <p className="mb-3 text-soft">{inAndOutText.bailiffHow}</p>
      <div className="grid gap-3">
        <Picker
          label={inAndOutText.theWater}
          value={waterId}
          onChange={setWater}
          options={waters.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <div className="grid grid-cols-2 gap-3">
          <TextField type="date" label={inAndOutText.sinceDay} value={fromDay} onChange={setFrom} />
          <TextField type="date" label={inAndOutText.untilDay} value={toDay} onChange={setTo} />
        </div>
        <Fetch to={waterId === '' ? undefined : `/api/waters/${waterId}/report.csv?${query.toString()}`}>
          {inAndOutText.report}
        </Fetch>
      </div>
    </Section>
  );
}

/** Fetches a file once everything is said that it needs. */
function Fetch({ to, children }: { to: string | undefined; children: string }) {
  if (to === undefined)
    return (
      <button type="button" className="button justify-self-start" disabled>
        <Download size={20} aria-hidden />
        {children}
      </button>
    );
  return (
    <a href={to} download className="button justify-self-start">
      <Download size={20} aria-hidden />
      {children}
    </a>
  );
}
