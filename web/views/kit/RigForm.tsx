import { paths } from '../../app/paths.js';
import { kitText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { strainIn, strainKg } from '@keeper/core/measure/keeperUnits';
import { massSystemOf, type MassSystem } from '@keeper/core/measure/mass';
import { useNavigate, useParams } from 'react-router';
import { WriteRigDto, type KeptRig } from '@keeper/contract/rigs';
import {
  BARB_TEXT,
  BARBS,
  LEADERS,
  LEADS,
  TRACES,
  type Barb,
  type Leader,
  type LeadArrangement,
  type LoadTest,
  type Rig,
  type Trace,
} from '@keeper/core/domain/kit/rig';
import { judgeRig } from '@keeper/core/bank/judgeRig';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import { NO_RULES } from '@keeper/core/domain/water/rules';
import { useSettings } from '../../data/queries.js';
import { usePracticesAt } from '../../data/usePractices.js';
import { useMinute, useOwnRecords } from '../../data/useOutingAssessment.js';
import { useRigs, useWaters } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { Field } from '../../parts/Field.js';
import { Section } from '../../parts/Section.js';
import { RowForm } from '../../parts/RowForm.js';
import { useRowForm } from '../../parts/useRowForm.js';
import { SpeciesChoice } from '../../parts/SpeciesChoice.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber } from '../../parts/typed.js';
import { useDraft } from '../../parts/useDraft.js';
import { FindingItem } from '../bank/Advice.js';
import { LoadTestTimer } from './LoadTestTimer.js';

interface Draft {
  readonly name: string;
  readonly species: SpeciesId;
  readonly mainLine: string;
  readonly leader: Leader;
  readonly link: string;
  readonly hook: string;
  readonly hookOpens: string;
  readonly barb: Barb;
  readonly lead: LeadArrangement;
  readonly trace: Trace;
  readonly upTrace: 'yes' | 'no';
  readonly loadTests: readonly LoadTest[];
  readonly snaggedAt: string | null;
  /** The one that it was read at when the writing began. */
  readonly revision: number;
}

const LEAD_NAMES: Readonly<Record<LeadArrangement, string>> = {
  running: kitText.runsOnTheLine,
  'drops-off': kitText.dropsOff,
  'pulls-free': kitText.pullsFree,
  fixed: kitText.staysFixed,
  float: kitText.floatOnly,
  none: kitText.noLead,
};
const LEADER_NAMES: Readonly<Record<Leader, string>> = {
  none: kitText.none,
  tubing: kitText.tubing,
  mono: kitText.mono,
  leadcore: kitText.leadcore,
};
const TRACE_NAMES: Readonly<Record<Trace, string>> = {
  none: kitText.none,
  wire: kitText.wire,
  'heavy-mono': kitText.heavyMono,
};

/** A rig in a few taps, and what it would do to a fish that breaks off. */
export function RigForm() {
  const rigId = useParams()['rigId'] ?? '';
  const rig = useRigs().find(({ id }) => id === rigId);
  return <RigFormOf key={`${rigId} ${rig?.revision ?? 0}`} rigId={rigId} rig={rig} />;
}

function RigFormOf({ rigId, rig }: { rigId: string; rig: KeptRig | undefined }) {
  const navigate = useNavigate();
  const { massUnit } = useSettings();
  const system = massSystemOf(massUnit);
  const pounds = system === 'lb-oz';
  const strainText = (kg: number) => String(Number(strainIn(kg, system).toFixed(1)));
  const nowMs = useMinute();
  const { lastFishAt } = useOwnRecords();
  const waterId = localStorage.getItem('keeper.water');
  const water = useWaters().find(({ id }) => id === waterId);
  const { barbSchool, bank, ofThisWater } = usePracticesAt(waterId);
  const [draft, change, clear] = useDraft<Draft>(`rig.${rigId}.${system}`, {
    name: rig?.name ?? '',
    species: rig?.species ?? 'carp',
    mainLine: rig ? strainText(rig.mainLineKg) : pounds ? '15' : '7',
    leader: rig?.leader ?? 'none',
    link: rig ? strainText(rig.linkKg) : pounds ? '12' : '6',
    hook: rig ? String(rig.hookSize) : '6',
    hookOpens: rig?.hookOpensKg ? strainText(rig.hookOpensKg) : '',
    barb: rig?.barb ?? 'barbless',
    lead: rig?.lead ?? 'drops-off',
    trace: rig?.trace ?? 'none',
    upTrace: rig?.upTrace ? 'yes' : 'no',
    loadTests: rig?.loadTests ?? [],
    snaggedAt: rig?.snaggedAt ?? null,
    revision: rig?.revision ?? 0,
  });
  const bodyOf = (retired: boolean) => ({
    name: draft.name,
    species: draft.species,
    leader: draft.leader,
    barb: draft.barb,
    lead: draft.lead,
    trace: draft.trace,
    upTrace: draft.upTrace === 'yes',
    loadTests: [...draft.loadTests],
    retired,
    snaggedAt: draft.snaggedAt,
    mainLineKg: strainKg(parseTypedNumber(draft.mainLine) ?? NaN, system),
    linkKg: strainKg(parseTypedNumber(draft.link) ?? NaN, system),
    hookSize: parseTypedNumber(draft.hook) ?? NaN,
    hookOpensKg: typedStrain(draft.hookOpens, system),
    revision: draft.revision,
  });
  const body = bodyOf(false);
  const judged = judgeRig({
    rig: { ...body, id: rigId } satisfies Rig,
    rules: water?.rules ?? NO_RULES,
    water: water?.name ?? '',
    school: barbSchool,
    gives: bank.gives,
    isSetHere: ofThisWater.has('barbSchool'),
    system,
    now: new Date(nowMs).toISOString(),
    lastFishAt: lastFishAt[draft.species],
  });

  const form = useRowForm({
    kind: 'rigs',
    id: rigId,
    contract: WriteRigDto,
    bodyOf,
    onKept: () => {
      clear();
      return navigate(paths.kit);
    },
  });
  const { at } = form;
  const named = <T extends string>(values: readonly T[], names: Readonly<Record<T, string>>) =>
    values.map((value) => ({ value, label: names[value] }));

  return (
    <RowForm
      title={rig ? rig.name : kitText.addARig}
      form={form}
      keep={kitText.saveThisRig}
      known={rig !== undefined}
      wide
    >
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_20rem]">
        <div className="grid content-start gap-7">
          <TextField
            label={kitText.itsName}
            value={draft.name}
            problem={at('name')}
            onChange={(name) => change({ name })}
          />
          <SpeciesChoice
            species={draft.species}
            form={undefined}
            forms={false}
            onChange={(species) => change({ species })}
          />
          <div className="grid gap-3 sm:grid-cols-3">
            <TextField
              label={kitText.mainLine({ pounds })}
              numeric
              value={draft.mainLine}
              problem={at('mainLineKg')}
              onChange={(mainLine) => change({ mainLine })}
            />
            <TextField
              label={kitText.linkOrTrace({ pounds })}
              numeric
              value={draft.link}
              problem={at('linkKg')}
              onChange={(link) => change({ link })}
            />
            <TextField
              label={kitText.hookSize}
              numeric
              value={draft.hook}
              problem={at('hookSize')}
              onChange={(hook) => change({ hook })}
            />
            {(bank.gives === 'hook' || draft.hookOpens !== '') && (
              <TextField
                label={kitText.hookOpensAt({ pounds })}
                numeric
                value={draft.hookOpens}
                problem={at('hookOpensKg')}
                onChange={(hookOpens) => change({ hookOpens })}
              />
            )}
          </div>
          <Field title={kitText.theHookIs}>
            <Choice<Barb>
              label={kitText.barb}
              value={draft.barb}
              onChange={(barb) => change({ barb })}
              options={BARBS.map((value) => ({ value, label: say(BARB_TEXT[value]) }))}
            />
          </Field>
          <Field title={kitText.theLead}>
            <Choice<LeadArrangement>
              label={kitText.lead}
              value={draft.lead}
              onChange={(lead) => change({ lead })}
              options={named(LEADS, LEAD_NAMES)}
            />
          </Field>
          <Field title={kitText.leader}>
            <Choice<Leader>
              label={kitText.leader}
              value={draft.leader}
              onChange={(leader) => change({ leader })}
              options={named(LEADERS, LEADER_NAMES)}
            />
          </Field>
          <Field title={kitText.trace}>
            <Choice<Trace>
              label={kitText.trace}
              value={draft.trace}
              onChange={(trace) => change({ trace })}
              options={named(TRACES, TRACE_NAMES)}
            />
          </Field>
          {draft.trace !== 'none' && (
            <Field title={kitText.upTraceAboveIt}>
              <Choice
                label={kitText.upTrace}
                value={draft.upTrace}
                onChange={(upTrace) => change({ upTrace })}
                options={[
                  { value: 'yes', label: kitText.yes },
                  { value: 'no', label: kitText.no },
                ]}
              />
            </Field>
          )}
        </div>
        <div className="grid content-start gap-8">
          <Section
            title={
              judged.verdict === 'good'
                ? kitText.sound
                : judged.verdict === 'care'
                  ? kitText.checkItAgain
                  : kitText.notOnAFish
            }
          >
            <ul className="grid gap-3">
              {judged.findings.map((finding) => (
                <FindingItem key={finding.rule} finding={finding} />
              ))}
            </ul>
          </Section>
          <LoadTestTimer
            tests={draft.loadTests}
            onTested={(test) => change({ loadTests: [...draft.loadTests, test] })}
            snaggedAt={draft.snaggedAt}
            onSnagged={() => change({ snaggedAt: new Date().toISOString() })}
          />
        </div>
      </div>
    </RowForm>
  );
}

function typedStrain(typed: string, system: MassSystem): number | null {
  const strain = parseTypedNumber(typed);
  return strain === undefined ? null : strainKg(strain, system);
}
