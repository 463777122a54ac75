import { paths } from '../app/paths.js';
import { partsText } from './text.en-GB.js';
import { say } from '../text/say.js';
import { Suspense } from 'react';
import { Link } from 'react-router';
import type { MassUnit } from '@keeper/core/measure/mass';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { speciesName } from '@keeper/core/domain/fish/species';
import { useSettings } from '../data/queries.js';
import { useWaters } from '../data/rows.js';
import { BookPicture } from './BookPicture.js';
import { MassText } from './MassText.js';
import { Waterline } from './Waterline.js';
import { lazyPart } from './lazyPart.js';
import { useWhoseText } from './useWhoseText.js';
import { takenText } from './when.js';

const EstimateText = lazyPart(async () => (await import('./weight/EstimateText.js')).EstimateText);

/** One fish as a line of the book: its picture, what it was, how long it was out, what it weighed. */
export function CaptureRow({ capture, to }: { capture: CaptureSummary; to?: string }) {
  const { massUnit } = useSettings();
  const whose = useWhoseText()(capture);
  const water = useWaters().find(({ id }) => id === capture.waterId);
  const [picture] = capture.pictures;
  const lost = capture.outcome === 'lost';
  return (
    <li className="border-t border-rule">
      <Link
        to={to ?? paths.capture(capture.captureId)}
        className="grid grid-cols-[5.5rem_1fr] items-center gap-x-4 gap-y-2 py-3 sm:grid-cols-[5.5rem_1fr_8.5rem_minmax(8.5rem,max-content)]"
      >
        {picture ? (
          <BookPicture picture={picture} size="thumb" decorative className="h-16 w-22 rounded" />
        ) : (
          <span className="grid h-16 w-22 place-items-center rounded border border-dashed border-rule text-xs text-soft">
            {partsText.lostNoPicture({ lost })}
          </span>
        )}
        <span className="min-w-0">
          <span className="block truncate text-lg font-semibold">
            {lost && !capture.species
              ? partsText.lostFish
              : say(speciesName(capture.species, capture.form, capture.kindName))}
          </span>
          <span className="block text-sm text-soft">
            {takenText(capture)}
            {water && <span className="block truncate">{water.name}</span>}
            {whose !== null && <span className="block truncate">{whose}</span>}
          </span>
        </span>
        <span className="col-start-1 row-start-2 block w-22 sm:col-start-auto sm:row-start-auto sm:w-33">
          {capture.origin === 'bank' ? (
            <Waterline spells={capture.spells} marks={capture.marks} untilMs={capture.elapsedMs} size="glyph" />
          ) : (
            <span className="text-sm text-soft">{partsText.origin[capture.origin]}</span>
          )}
        </span>
        <span className="text-lg font-semibold sm:text-right">
          {lost ? (
            <span className="font-normal text-soft">{partsText.gotOff}</span>
          ) : capture.outcome === 'died' ? (
            <span className="font-normal text-soft">{partsText.died}</span>
          ) : (
            <RowWeight capture={capture} unit={massUnit} />
          )}
        </span>
      </Link>
    </li>
  );
}

/** As it was read; what no scale read is never shown without saying so. */
function RowWeight({ capture, unit }: { capture: CaptureSummary; unit: MassUnit }) {
  const { net, girthMm, overScaleGrams, straightBack } = capture;
  if (!net && (girthMm !== null || overScaleGrams !== null)) {
    return (
      <Suspense>
        <EstimateText asked={{ ...capture, overGrams: overScaleGrams }} unit={unit} />
      </Suspense>
    );
  }
  if (!net && straightBack) return <span className="font-normal text-soft">{partsText.straightBack}</span>;
  return <MassText mass={net} unit={unit} />;
}
