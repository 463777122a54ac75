import { paths } from '../../app/paths.js';
import { kitText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { Link, useNavigate, useParams } from 'react-router';
import { WriteKitItemDto, type KeptKitItem } from '@keeper/contract/kit';
import { CARRIES_DISEASE, KIT_KIND_WORDS, KIT_KINDS, type KitItem, type KitKind } from '@keeper/core/domain/kit/kit';
import { useSettings } from '../../data/queries.js';
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
  'kind' | 'name' | 'charge' | 'tares' | 'checkedAt' | 'disinfected' | 'lastWater'
> {
  readonly size: string;
  readonly flags: readonly Flag[];
  readonly inDateUntil: string;
  /** The one that it was read at when the writing began. */
  readonly revision: number;
}

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
  const { lengthHabit } = useSettings();
  const inches = lengthHabit === 'in';
  const [draft, change, clear] = useDraft<Draft>(`kit.${itemId}.${lengthHabit}`, draftOf(item, inches));
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
    scale: item?.scale ?? null,
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
        {draft.kind === 'care' && (
          <TextField
            className="max-w-64"
            type="date"
            label={kitText.goodUntil2}
            value={draft.inDateUntil}
            problem={at('inDateUntil')}
            onChange={(inDateUntil) => change({ inDateUntil })}
          />
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
            {draft.disinfected && (
              <p className="mt-2 text-soft">
                {draft.disinfected.how}, {whenText(draft.disinfected.at)}
              </p>
            )}
          </Section>
        )}
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

function draftOf(item: KeptKitItem | undefined, inches: boolean): Draft {
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
    size: item?.sizeMm ? String(Number((item.sizeMm / (inches ? 25.4 : 10)).toFixed(1))) : '',
    inDateUntil: item?.inDateUntil ?? '',
    revision: item?.revision ?? 0,
  };
}
