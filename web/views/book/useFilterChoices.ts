import { FILTERED_OUTCOMES, type FinerFilter } from '@keeper/contract/finerFilter';
import { LEAVINGS } from '@keeper/core/domain/capture/event';
import { ORIGINS } from '@keeper/core/domain/capture/origin';
import { HOOK_HOLD_WORDS, HOOK_HOLDS, LOSS_REASONS, LOSS_WORDS } from '@keeper/core/domain/capture/rodFacts';
import { FORM_IDS, speciesName } from '@keeper/core/domain/fish/species';
import { useImports, useRigs, useSwims, useWaters } from '../../data/rows.js';
import { useRodWords } from '../../data/rods.js';
import { LEAVING_WORDS } from '../../parts/leavingWords.js';
import { say } from '../../text/say.js';
import { bookText } from './text.en-GB.js';

interface FilterChoice {
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

/** What can be chosen of each thing that is asked for by choosing; of swims those of the water that is shown. */
export function useFilterChoices(waterId: string | undefined): Partial<Record<FinerFilter, FilterChoice>> {
  const [waters, swims, rigs, imports] = [useWaters(), useSwims(), useRigs(), useImports()];
  const { baits, methods } = useRodWords(waterId ?? null);
  const waterName = (id: string) => waters.find((water) => water.id === id)?.name ?? '';
  const there = swims.filter((swim) => waterId === undefined || swim.waterId === waterId);
  const words = (list: readonly string[]) => list.map((each) => ({ value: each, label: each }));
  return {
    swimId: {
      label: bookText.swim,
      options: there.map((swim) => ({
        value: swim.id,
        label: waterId === undefined ? `${swim.name}, ${waterName(swim.waterId)}` : swim.name,
      })),
    },
    bait: { label: bookText.bait, options: words(baits) },
    rig: { label: bookText.rig, options: words([...new Set(rigs.map(({ name }) => name))]) },
    method: { label: bookText.method, options: words(methods) },
    hookHold: {
      label: bookText.hookHold,
      options: HOOK_HOLDS.map((each) => ({ value: each, label: say(HOOK_HOLD_WORDS[each]) })),
    },
    outcome: {
      label: bookText.outcome,
      options: FILTERED_OUTCOMES.map((each) => ({ value: each, label: bookText.outcomeWord({ outcome: each }) })),
    },
    lossReason: {
      label: bookText.lossReason,
      options: LOSS_REASONS.map((each) => ({ value: each, label: say(LOSS_WORDS[each]) })),
    },
    leaving: {
      label: bookText.howItLeft,
      options: LEAVINGS.map((each) => ({ value: each, label: LEAVING_WORDS[each] })),
    },
    wounded: {
      label: bookText.wounds,
      options: [
        { value: 'open', label: bookText.openWounds },
        { value: 'any', label: bookText.anyWounds },
        { value: 'none', label: bookText.noWounds },
      ],
    },
    form: {
      label: bookText.scaling,
      options: FORM_IDS.map((each) => ({ value: each, label: say(speciesName('carp', each)) })),
    },
    known: {
      label: bookText.whoItIs,
      options: [
        { value: 'yes', label: bookText.isKnown },
        { value: 'no', label: bookText.isNotKnown },
      ],
    },
    pictured: {
      label: bookText.pictures,
      options: [
        { value: 'with', label: bookText.withPictures },
        { value: 'without', label: bookText.withoutPictures },
      ],
    },
    origin: {
      label: bookText.origin,
      options: ORIGINS.map((each) => ({ value: each, label: bookText.originWord({ origin: each }) })),
    },
    importId: {
      label: bookText.fromASheet,
      options: imports.filter(({ retired }) => !retired).map(({ id, name }) => ({ value: id, label: name })),
    },
    struckOut: { label: bookText.struckOut, options: [{ value: 'true', label: bookText.struckOutOnly }] },
  };
}
