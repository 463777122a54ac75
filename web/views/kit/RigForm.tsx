import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { WriteRigDto, type KeptRig } from '@keeper/contract/rigs';
import { problemsIn } from '@keeper/contract/validation';
import {
  BARB_TEXT,
  BARBS,
  judgeRig,
  LEADERS,
  LEADS,
  TRACES,
  type Barb,
  type Leader,
  type LeadArrangement,
  type LoadTest,
  type Rig,
  type Trace,
} from '@keeper/core/bank/rig';
import type { SpeciesId } from '@keeper/core/fish/species';
import { NO_RULES } from '@keeper/core/water/rules';
import { writeRow } from '../../data/keeper.js';
import { useSettings } from '../../data/queries.js';
import { useRigs, useWaters } from '../../data/rows.js';
import { Choice } from '../../parts/Choice.js';
import { Notice } from '../../parts/Notice.js';
import { Part } from '../../parts/Part.js';
import { SpeciesChoice } from '../../parts/SpeciesChoice.js';
import { TextField } from '../../parts/TextField.js';
import { sentenceAt, typedNumber } from '../../parts/typed.js';
import { useDraft } from '../../parts/useDraft.js';
import { Said } from '../bank/Advice.js';
import { LoadTestTimer } from './LoadTestTimer.js';

interface Draft {
  readonly name: string;
  readonly species: SpeciesId;
  readonly mainLine: string;
  readonly leader: Leader;
  readonly link: string;
  readonly hook: string;
  readonly barb: Barb;
  readonly lead: LeadArrangement;
  readonly trace: Trace;
  readonly upTrace: 'yes' | 'no';
  readonly loadTests: readonly LoadTest[];
}

const LEAD_NAMES: Readonly<Record<LeadArrangement, string>> = {
  running: 'runs on the line',
  'drops-off': 'drops off',
  'pulls-free': 'pulls free',
  fixed: 'stays fixed',
  float: 'float only',
  none: 'no lead',
};
const LEADER_NAMES: Readonly<Record<Leader, string>> = {
  none: 'none',
  tubing: 'tubing',
  mono: 'mono',
  leadcore: 'leadcore',
};
const TRACE_NAMES: Readonly<Record<Trace, string>> = { none: 'none', wire: 'wire', 'heavy-mono': 'heavy mono' };

/** A rig in a few taps, and what it would do to a fish that breaks off. */
export function RigForm() {
  const rigId = useParams()['rigId'] ?? '';
  const rig = useRigs().find(({ id }) => id === rigId);
  return <RigFormOf key={`${rigId} ${rig?.revision ?? 0}`} rigId={rigId} rig={rig} />;
}

function RigFormOf({ rigId, rig }: { rigId: string; rig: KeptRig | undefined }) {
  const navigate = useNavigate();
  const { barbSchool } = useSettings();
  const waterId = localStorage.getItem('keeper.water');
  const water = useWaters().find(({ id }) => id === waterId);
  const [draft, change, clear] = useDraft<Draft>(`rig.${rigId}`, {
    name: rig?.name ?? '',
    species: rig?.species ?? 'carp',
    mainLine: rig ? String(rig.mainLineKg) : '7',
    leader: rig?.leader ?? 'none',
    link: rig ? String(rig.linkKg) : '6',
    hook: rig ? String(rig.hookSize) : '6',
    barb: rig?.barb ?? 'barbless',
    lead: rig?.lead ?? 'drops-off',
    trace: rig?.trace ?? 'none',
    upTrace: rig?.upTrace ? 'yes' : 'no',
    loadTests: rig?.loadTests ?? [],
  });
  const [tried, setTried] = useState(false);
  const [notKept, setNotKept] = useState(false);
  const bodyOf = (retired: boolean) => ({
    ...{ name: draft.name, species: draft.species, leader: draft.leader, barb: draft.barb, lead: draft.lead },
    ...{ trace: draft.trace, upTrace: draft.upTrace === 'yes', loadTests: [...draft.loadTests], retired },
    mainLineKg: typedNumber(draft.mainLine) ?? NaN,
    linkKg: typedNumber(draft.link) ?? NaN,
    hookSize: typedNumber(draft.hook) ?? NaN,
    revision: rig?.revision ?? 0,
  });
  const body = bodyOf(false);
  const problems = tried ? problemsIn(WriteRigDto, body) : [];
  const judged = judgeRig({
    rig: { ...body, id: rigId } satisfies Rig,
    rules: water?.rules ?? NO_RULES,
    water: water?.name ?? '',
    school: barbSchool,
  });

  const put = async (retired: boolean) => {
    setTried(true);
    if (!retired && problemsIn(WriteRigDto, body).length > 0) return;
    try {
      await writeRow('rigs', rigId, bodyOf(retired));
    } catch {
      setNotKept(true);
      return;
    }
    clear();
    await navigate('/kit');
  };
  const named = <T extends string>(values: readonly T[], names: Readonly<Record<T, string>>) =>
    values.map((value) => ({ value, label: names[value] }));

  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void put(false);
      }}
    >
      <h1 className="mb-6 text-3xl font-semibold">{rig ? rig.name : 'Another rig'}</h1>
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_20rem]">
        <div className="grid content-start gap-7">
          <TextField
            label="Its name"
            value={draft.name}
            problem={sentenceAt(problems, 'name')}
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
              label="Main line, kg"
              numeric
              value={draft.mainLine}
              problem={sentenceAt(problems, 'mainLineKg')}
              onChange={(mainLine) => change({ mainLine })}
            />
            <TextField
              label="Link or trace, kg"
              numeric
              value={draft.link}
              problem={sentenceAt(problems, 'linkKg')}
              onChange={(link) => change({ link })}
            />
            <TextField
              label="Hook size"
              numeric
              value={draft.hook}
              problem={sentenceAt(problems, 'hookSize')}
              onChange={(hook) => change({ hook })}
            />
          </div>
          <Ask title="The hook is">
            <Choice<Barb>
              label="Barb"
              value={draft.barb}
              onChange={(barb) => change({ barb })}
              options={named(BARBS, BARB_TEXT)}
            />
          </Ask>
          <Ask title="The lead">
            <Choice<LeadArrangement>
              label="Lead"
              value={draft.lead}
              onChange={(lead) => change({ lead })}
              options={named(LEADS, LEAD_NAMES)}
            />
          </Ask>
          <Ask title="Leader">
            <Choice<Leader>
              label="Leader"
              value={draft.leader}
              onChange={(leader) => change({ leader })}
              options={named(LEADERS, LEADER_NAMES)}
            />
          </Ask>
          <Ask title="Trace">
            <Choice<Trace>
              label="Trace"
              value={draft.trace}
              onChange={(trace) => change({ trace })}
              options={named(TRACES, TRACE_NAMES)}
            />
          </Ask>
          {draft.trace !== 'none' && (
            <Ask title="Up-trace above it">
              <Choice
                label="Up-trace"
                value={draft.upTrace}
                onChange={(upTrace) => change({ upTrace })}
                options={[
                  { value: 'yes', label: 'yes' },
                  { value: 'no', label: 'no' },
                ]}
              />
            </Ask>
          )}
        </div>
        <div className="grid content-start gap-8">
          <Part
            title={
              judged.verdict === 'good' ? 'Sound' : judged.verdict === 'care' ? 'Look at it again' : 'Not on a fish'
            }
          >
            <ul className="grid gap-3">
              {judged.findings.map((finding) => (
                <Said key={finding.rule} finding={finding} />
              ))}
            </ul>
          </Part>
          <LoadTestTimer
            tests={draft.loadTests}
            onTested={(test) => change({ loadTests: [...draft.loadTests, test] })}
          />
        </div>
      </div>
      {notKept && (
        <Notice role="alert">
          It could not be kept: this device may have no room left. What you typed is still here.
        </Notice>
      )}
      <div className="mt-8 flex flex-wrap gap-3">
        <button type="submit" className="button button-main min-h-16 px-8 text-lg">
          Keep this rig
        </button>
        {rig && (
          <button type="button" className="button min-h-16" onClick={() => void put(true)}>
            Put it away
          </button>
        )}
      </div>
    </form>
  );
}

function Ask({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <div>
      <h3 className="mb-1.5 font-sans text-base font-semibold">{title}</h3>
      {children}
    </div>
  );
}
