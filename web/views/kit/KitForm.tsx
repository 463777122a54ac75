import { paths } from '../../app/paths.js';
import { kitText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Link, useNavigate, useParams } from 'react-router';
import { WriteKitItemDto, type KeptKitItem } from '@keeper/contract/kit';
import { CARRIES_DISEASE, KIT_KIND_WORDS, KIT_KINDS, type KitItem, type KitKind } from '@keeper/core/domain/kit/kit';
import { massSystemOf } from '@keeper/core/measure/mass';
import { useSettings } from '../../data/queries.js';
import { KitMeasures, TooBigFor } from './KitMeasures.js';
import { kitMeasuresBody, kitMeasuresOf, type KitMeasuresDraft } from './kitMeasuresDraft.js';
import { useKit, useStandingWaters } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { Choices } from '../../parts/Choices.js';
import { Section } from '../../parts/Section.js';
import { RowForm } from '../../parts/RowForm.js';
import { useRowForm } from '../../parts/useRowForm.js';
import { Picker } from '../../parts/Picker.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedSize } from '../../parts/typed.js';
import { useDraft } from '../../parts/useDraft.js';
import { whenText } from '../../parts/when.js';

type Flag = 'onLanyard' | 'spare' | 'toReplace';

interface Draft extends Pick<
  KitItem,
  'kind' | 'name' | 'charge' | 'tares' | 'checkedAt' | 'disinfected' | 'lastWater' | 'dryingSince' | 'waterId'
> {
  readonly size: string;
  readonly measures: KitMeasuresDraft;
  readonly flags: readonly Flag[];
  readonly inDateUntil: string;
  /** The one that it was read at when the writing began. */
  readonly revision: number;
}

const ALL_WATERS = 'all';
const SIZED: readonly KitKind[] = ['net', 'mat', 'sling', 'board', 'tool'];
const CHARGED: readonly KitKind[] = ['scales', 'camera', 'other'];

/** One thing of the kit, with what is asked of its kind. */
export function KitForm() {
  const itemId = useParams()['itemId'] ?? '';
  const item = useKit().find(({ id }) => id === itemId);
  return <KitFormOf key={`${itemId} ${item?.revision ?? 0}`} itemId={itemId} item={item} />;
}

function KitFormOf({ itemId, item }: { itemId: string; item: KeptKitItem | undefined }) {
  const navigate = useNavigate();
  const waters = useStandingWaters();
  const { lengthHabit, massUnit } = useSettings();
  const inches = lengthHabit === 'in';
  const pounds = massSystemOf(massUnit) === 'lb-oz';
  const [draft, change, clear] = useDraft<Draft>(
    `kit.${itemId}.${lengthHabit}.${pounds ? 'lb' : 'kg'}`,
    draftOf(item, inches, pounds),
  );
  const bodyOf = (retired: boolean) => ({
    kind: draft.kind,
    name: draft.name,
    charge: draft.charge,
    tares: [...draft.tares],
    checkedAt: draft.checkedAt,
    disinfected: draft.disinfected,
    lastWater: draft.lastWater,
    retired,
    revision: draft.revision,
    ...kitMeasuresBody(draft.measures, { kind: draft.kind, scale: item?.scale, pounds, unit: massUnit }),
    dryingSince: draft.dryingSince ?? null,
    waterId: draft.kind === 'licence' ? (draft.waterId ?? null) : null,
    sizeMm: parseTypedSize(draft.size, inches) ?? null,
    onLanyard: draft.flags.includes('onLanyard'),
    spare: draft.flags.includes('spare'),
    toReplace: draft.flags.includes('toReplace'),
    inDateUntil: draft.inDateUntil || null,
  });
  const form = useRowForm({
    kind: 'kit',
    id: itemId,
    contract: WriteKitItemDto,
    bodyOf,
    onKept: () => {
      clear();
      return navigate(paths.kit);
    },
  });
  const { at } = form;
  const now = () => new Date().toISOString();

  return (
    <RowForm title={item ? item.name : kitText.addKit} form={form} keep={kitText.keepIt} known={item !== undefined}>
      <div className="grid gap-7">
        <Choice<KitKind>
          label={kitText.kind}
          value={draft.kind}
          onChange={(kind) => change({ kind })}
          options={KIT_KINDS.map((kind) => ({ value: kind, label: say(KIT_KIND_WORDS[kind]) }))}
        />
        <div className="grid gap-3 sm:grid-cols-2">
          <TextField
            label={kitText.itsName}
            value={draft.name}
            problem={at('name')}
            onChange={(name) => change({ name })}
          />
          {SIZED.includes(draft.kind) && (
            <TextField
              label={`${draft.kind === 'net' ? kitText.widthOfTheHoop : kitText.length}, ${inches ? kitText.inches : kitText.cm}`}
              numeric
              value={draft.size}
              problem={at('sizeMm')}
              onChange={(size) => change({ size })}
            />
          )}
          <KitMeasures
            kind={draft.kind}
            draft={draft.measures}
            pounds={pounds}
            at={at}
            onChange={(part) => change({ measures: { ...draft.measures, ...part } })}
          />
        </div>
        <Choices<Flag>
          label={kitText.condition}
          value={draft.flags}
          onChange={(flags) => change({ flags })}
          options={[
            { value: 'onLanyard', label: kitText.onALanyard },
            { value: 'spare', label: kitText.aSpare },
            { value: 'toReplace', label: draft.kind === 'hooks' ? kitText.cutToBeReplaced : kitText.toBeReplaced },
          ]}
        />
        {CHARGED.includes(draft.kind) && (
          <Choice
            label={kitText.battery}
            value={draft.charge ?? undefined}
            onChange={(charge) => change({ charge })}
            options={[
              { value: 'full', label: kitText.charged },
              { value: 'low', label: kitText.toBeCharged },
            ]}
          />
        )}
        {(draft.kind === 'care' || draft.kind === 'licence') && (
          <TextField
            className="max-w-64"
            type="date"
            label={draft.kind === 'care' ? kitText.goodUntil2 : kitText.lastDay}
            value={draft.inDateUntil}
            problem={at('inDateUntil')}
            onChange={(inDateUntil) => change({ inDateUntil })}
          />
        )}
        {draft.kind === 'licence' && (
          <div className="max-w-sm">
            <Picker
              label={kitText.ofWhichWater}
              value={draft.waterId ?? ALL_WATERS}
              onChange={(waterId) => change({ waterId: waterId === ALL_WATERS ? null : waterId })}
              options={[
                { value: ALL_WATERS, label: kitText.allWaters },
                ...waters.map(({ id, name }) => ({ value: id, label: name })),
              ]}
            />
          </div>
        )}
        {draft.kind === 'scales' && item && (
          <p>
            <Link to={paths.scaleCheck(item.id)} className="quiet-link">
              {kitText.checkWithKnownMasses}
            </Link>{' '}
            <span className="text-soft">
              {draft.checkedAt ? kitText.last({ checkedAt: whenText(draft.checkedAt) }) : kitText.neverYet}
            </span>
          </p>
        )}
        {draft.kind === 'sling' && item && (
          <p>
            <Link to={paths.weighDesk} className="quiet-link">
              {kitText.itsTaresAreKept}
            </Link>
          </p>
        )}
        {CARRIES_DISEASE.includes(draft.kind) && (
          <Section title={kitText.betweenWaters}>
            <div className="grid gap-3 sm:grid-cols-2">
              <Picker
                label={kitText.lastWetAt2}
                value={draft.lastWater?.waterId ?? ''}
                onChange={(waterId) => change({ lastWater: { waterId, at: now() } })}
                options={waters.map(({ id, name }) => ({ value: id, label: name }))}
              />
              <div className="flex flex-wrap gap-2">
                {DISINFECTED.map(({ how, daysAgo, label }) => (
                  <button
                    key={label}
                    type="button"
                    className="button font-normal"
                    onClick={() => change({ disinfected: { how, at: daysBefore(daysAgo) } })}
                  >
                    {label}
                  </button>
                ))}
              </div>
            </div>
            {draft.lastWater && (
              <button type="button" className="button mt-2 font-normal" onClick={() => change({ dryingSince: now() })}>
                {kitText.hungToDry}
              </button>
            )}
            {draft.disinfected && (
              <p className="mt-2 text-soft">
                {draft.disinfected.how}, {whenText(draft.disinfected.at)}
              </p>
            )}
          </Section>
        )}
        {item && <TooBigFor item={item} />}
      </div>
    </RowForm>
  );
}

const DISINFECTED = [
  { how: 'dipped', daysAgo: 0, label: kitText.dippedToday },
  { how: 'dipped', daysAgo: 1, label: kitText.dippedYesterday },
  { how: 'dried', daysAgo: 0, label: kitText.driedThroughToday },
  { how: 'dried', daysAgo: 1, label: kitText.driedThroughYesterday },
] as const;

function daysBefore(days: number): string {
  const at = new Date();
  at.setDate(at.getDate() - days);
  return at.toISOString();
}

function draftOf(item: KeptKitItem | undefined, inches: boolean, pounds: boolean): Draft {
  const flags: Flag[] = (['onLanyard', 'spare', 'toReplace'] as const).filter((flag) => item?.[flag]);
  return {
    kind: item?.kind ?? 'net',
    name: item?.name ?? '',
    charge: item?.charge ?? null,
    tares: item?.tares ?? [],
    flags,
    checkedAt: item?.checkedAt ?? null,
    disinfected: item?.disinfected ?? null,
    lastWater: item?.lastWater ?? null,
    dryingSince: item?.dryingSince ?? null,
    waterId: item?.waterId ?? null,
    measures: kitMeasuresOf(item, pounds),
    size: item?.sizeMm ? String(Number((item.sizeMm / (inches ? 25.4 : 10)).toFixed(1))) : '',
    inDateUntil: item?.inDateUntil ?? '',
    revision: item?.revision ?? 0,
  };
}
