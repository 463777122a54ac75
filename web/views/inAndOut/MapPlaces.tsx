import { useState } from 'react';
import type { WriteSwimDto } from '@keeper/contract/swims';
import type { WriteWaterDto } from '@keeper/contract/waters';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import { readGeoJson } from '@keeper/core/formats/geoJson';
import { readGpx } from '@keeper/core/formats/gpx';
import type { MappedPlace } from '@keeper/core/formats/places';
import { blankSwim } from '../../data/blankSwim.js';
import { newId } from '../../data/device.js';
import { writeRow } from '../../data/record.js';
import { useStandingSwims, useStandingWaters } from '../../data/rows.js';
import { useRecord } from '../../data/useRecord.js';
import { ChooseFile } from '../../parts/ChooseFile.js';
import { Notice } from '../../parts/Notice.js';
import { NotKept } from '../../parts/NotKept.js';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { say } from '../../text/say.js';
import { inAndOutText } from './text.en-GB.js';

const OUT = 'out';
const WATER = 'water';

/** Points of a map that become waters or swims, or give one that is known its position. */
export function MapPlaces() {
  const [waters, swims] = [useStandingWaters(), useStandingSwims()];
  const [places, setPlaces] = useState<readonly MappedPlace[]>([]);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [lines, setLines] = useState(0);
  const [wrong, setWrong] = useState<string>();
  const [added, setAdded] = useState<number>();
  const { keep, notKept } = useRecord();
  const known = [
    ...waters.map((row) => ({ ...row, table: 'waters' as const })),
    ...swims.map((row) => ({ ...row, table: 'swims' as const })),
  ];
  const proposed = (place: MappedPlace): string => {
    const same = known.find(({ name }) => foldWord(name) === foldWord(place.name));
    if (same) return same.id;
    const water = waters.find(({ name }) => place.of !== null && foldWord(name) === foldWord(place.of));
    return place.kind === 'swim' ? (water ? `of ${water.id}` : OUT) : WATER;
  };
  const read = async (file: File) => {
    const text = await file.text();
    const came = /^\s*</.test(text) ? readGpx(text) : readGeoJson(text);
    setAdded(undefined);
    setWrong(came.ok ? undefined : say(came.reason));
    const points = came.ok ? came.value.places : [];
    setPlaces(points);
    setLines(came.ok ? came.value.leftOut : 0);
    setChosen(points.map(proposed));
  };
  const put = async () => {
    const meant = places.flatMap((place, i) =>
      chosen[i] === OUT ? [] : [{ place, as: chosen[i] ?? OUT, nth: i + 1 }],
    );
    const kept = await keep(async () => {
      for (const { place, as, nth } of meant) await putPlace(place, as, nth);
    });
    if (!kept) return;
    setAdded(meant.length);
    setPlaces([]);
  };
  const putPlace = async ({ name, note, position }: MappedPlace, as: string, nth: number) => {
    const called = name === '' ? inAndOutText.unnamed({ nth }) : name;
    const standing = known.find(({ id }) => id === as);
    if (standing) {
      const { id, table, updatedAt: _at, ...row } = standing;
      const moved = { ...row, position: { ...position } };
      return writeRow(table, id, moved);
    }
    if (as === WATER) {
      const water: WriteWaterDto = { name: called, kind: 'lake', position, note, revision: 0 };
      return writeRow('waters', newId(), water);
    }
    const blank = blankSwim(as.slice('of '.length));
    const swim: WriteSwimDto = { ...blank, name: called, position, note, revision: 0 };
    return writeRow('swims', newId(), swim);
  };
  const count = chosen.filter((as) => as !== OUT).length;
  return (
    <Section title={inAndOutText.aMap}>
      <p className="mb-3 text-soft">{inAndOutText.aMapHow}</p>
      <div className="grid max-w-xl gap-3">
        <ChooseFile accept=".geojson,.json,.gpx" label={inAndOutText.chooseAMap} onChosen={(file) => void read(file)} />
        {wrong !== undefined && <Notice role="alert">{wrong}</Notice>}
        {lines > 0 && <p>{inAndOutText.linesLeftOut({ count: lines })}</p>}
        {added !== undefined && <p role="status">{inAndOutText.placesAdded({ count: added })}</p>}
        {places.map(({ name, position }, i) => {
          const called = name === '' ? inAndOutText.unnamed({ nth: i + 1 }) : name;
          const same =
            known.find(({ id }) => id === chosen[i]) ?? known.find((row) => foldWord(row.name) === foldWord(called));
          return (
            <div key={`${called} ${position.latitudeDeg} ${position.longitudeDeg}`} className="grid gap-1">
              <span className="font-semibold">{called}</span>
              <Picker
                label={inAndOutText.asWhat({ name: called })}
                value={chosen[i] ?? OUT}
                onChange={(as) => setChosen(chosen.with(i, as))}
                options={[
                  ...(same ? [{ value: same.id, label: inAndOutText.isKnown({ name: same.name }) }] : []),
                  { value: WATER, label: inAndOutText.asWater },
                  ...waters.map((water) => ({
                    value: `of ${water.id}`,
                    label: inAndOutText.asSwimOf({ water: water.name }),
                  })),
                  { value: OUT, label: inAndOutText.leaveOut },
                ]}
              />
            </div>
          );
        })}
        {count > 0 && places.length > 0 && (
          <>
            {chosen.some((as) => as.startsWith('of ')) && <p className="text-soft">{inAndOutText.swimsFace}</p>}
            <NotKept when={notKept} />
            <button type="button" className="button button-main" onClick={() => void put()}>
              {inAndOutText.addPlaces({ count })}
            </button>
          </>
        )}
      </div>
    </Section>
  );
}
