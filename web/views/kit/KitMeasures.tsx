import { Link } from 'react-router';
import type { KeptKitItem } from '@keeper/contract/kit';
import { tooBigFor } from '@keeper/core/bank/tooBigFor';
import type { KitKind } from '@keeper/core/domain/kit/kit';
import { formatBodyLength } from '@keeper/core/domain/fish/bodyLength';
import { speciesName } from '@keeper/core/domain/fish/species';
import { formatMass } from '@keeper/core/measure/formatMass';
import { paths } from '../../app/paths.js';
import { useMeasured } from '../../data/useMeasured.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { whenText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import type { KitMeasuresDraft } from './kitMeasuresDraft.js';
import { kitText } from './text.en-GB.js';

interface KitMeasuresProps {
  readonly kind: KitKind;
  readonly draft: KitMeasuresDraft;
  readonly pounds: boolean;
  readonly at: (field: string) => string | undefined;
  readonly onChange: (change: Partial<KitMeasuresDraft>) => void;
}

const BEARS: readonly KitKind[] = ['net', 'sling', 'scales'];

/** What a thing of its kind is besides its size: mesh, padding, what it bears. */
export function KitMeasures({ kind, draft, pounds, at, onChange }: KitMeasuresProps) {
  return (
    <>
      {kind === 'net' && (
        <TextField
          label={kitText.mesh}
          numeric
          value={draft.mesh}
          problem={at('meshMm')}
          onChange={(mesh) => onChange({ mesh })}
        />
      )}
      {kind === 'mat' && (
        <TextField
          label={kitText.padding}
          numeric
          value={draft.padding}
          problem={at('paddingMm')}
          onChange={(padding) => onChange({ padding })}
        />
      )}
      {BEARS.includes(kind) && (
        <TextField
          label={kitText.bearsUpTo({ pounds })}
          numeric
          value={draft.bears}
          problem={at('capacityGrams') ?? at('scale.capacity')}
          onChange={(bears) => onChange({ bears })}
        />
      )}
      {kind === 'scales' && (
        <TextField
          label={kitText.goodFrom({ pounds })}
          numeric
          value={draft.goodFrom}
          problem={at('scale.leastLoad')}
          onChange={(goodFrom) => onChange({ goodFrom })}
        />
      )}
    </>
  );
}

/** The fish that were too big for a thing, so that the next one is not. */
export function TooBigFor({ item }: { item: KeptKitItem }) {
  const fish = useMeasured();
  const nowMs = useMinute();
  const big = tooBigFor(item, fish, nowMs);
  if (big.length === 0) return null;
  return (
    <Section title={kitText.tooBigWere}>
      <ul className="border-b border-rule">
        {big.slice(0, 20).map(({ captureId, species, startedAt, length, net }) => (
          <li key={captureId} className="border-t border-rule">
            <Link
              to={paths.capture(captureId)}
              className="flex min-h-12 flex-wrap items-center justify-between gap-x-4 py-1.5"
            >
              <span>{say(speciesName(species))}</span>
              <span className="text-soft">
                {[length && formatBodyLength(length), net && formatMass(net), whenText(startedAt ?? '')]
                  .filter(Boolean)
                  .join(', ')}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </Section>
  );
}
