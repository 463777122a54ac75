import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { DescribedDto } from '@keeper/contract/payloads';
import { problemsIn } from '@keeper/contract/validation';
import type { Facts } from '@keeper/core/domain/capture/event';
import { pastPage, type PastPage } from '@keeper/core/domain/capture/pastPage';
import { SPECIES, type SpeciesId } from '@keeper/core/domain/fish/species';
import { formatMass } from '@keeper/core/measure/formatMass';
import { formatLength } from '@keeper/core/measure/length';
import { massSystemOf, type Mass } from '@keeper/core/measure/mass';
import { parsePastDate } from '@keeper/core/measure/pastDate';
import { paths } from '../../app/paths.js';
import { addPicture } from '../../data/addPicture.js';
import { deviceClock, deviceId, newId } from '../../data/device.js';
import { useSettings } from '../../data/queries.js';
import { makeEvent, record } from '../../data/record.js';
import { useRodWords } from '../../data/rods.js';
import { useStandingRigs } from '../../data/rows.js';
import { usePracticesAt } from '../../data/usePractices.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { useRecord } from '../../data/useRecord.js';
import { ofKeeper } from '../../data/whose.js';
import { LengthField, readLengthText } from '../../parts/LengthField.js';
import { NotKept } from '../../parts/NotKept.js';
import { Notice } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { useDraft } from '../../parts/useDraft.js';
import { WaterPicker } from '../../parts/WaterPicker.js';
import { readWeight } from '../../parts/weight/readWeight.js';
import { WeightMeanings } from '../../parts/weight/WeightMeanings.js';
import { localInput, pastDateText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import { written } from '../../text/language.js';
import { pastText } from './text.en-GB.js';

interface Draft {
  readonly date: string;
  readonly waterId?: string;
  readonly species?: SpeciesId;
  readonly weight: string;
  /** What a weight means that could be read two ways. */
  readonly meant?: Mass | undefined;
  readonly length: string;
  readonly rig: string;
  readonly bait: string;
  readonly note: string;
}

const EMPTY: Draft = { date: '', weight: '', length: '', rig: '', bait: '', note: '' };

interface KeptFish {
  readonly page: PastPage;
  readonly says: string;
}

/** A fish of other years, by keyboard alone: what is known of it, and no clock that was never run. */
export function PastFishPage() {
  const settings = useSettings();
  const [draft, change] = useDraft<Draft>('past', EMPTY);
  const { lengthOf } = usePracticesAt(draft.waterId);
  const { baits } = useRodWords(draft.waterId ?? null);
  const rigs = useStandingRigs();
  const [files, setFiles] = useState<readonly File[]>([]);
  const [tried, setTried] = useState(false);
  const [problem, setProblem] = useState<string>();
  const [kept, setKept] = useState<readonly KeptFish[]>([]);
  const { keep, notKept } = useRecord();
  const form = useRef<HTMLFormElement>(null);

  const today = localInput(useMinute()).slice(0, 10);
  const date = parsePastDate(draft.date, { dayFirst: written.dates === 'day-first', today });
  const weight = readWeight(
    { method: 'zeroed', asRead: draft.weight, tare: '', ...(draft.meant && { asReadMeant: draft.meant }) },
    massSystemOf(settings.massUnit),
  );
  const question = 'question' in weight ? weight.question : undefined;
  const length = readLengthText(draft.length, settings.lengthHabit);

  const put = async () => {
    setTried(true);
    setProblem(undefined);
    if (!date.ok || question || (length && !length.ok)) return;
    const reading = 'reading' in weight ? weight.reading : undefined;
    const facts: Facts = {
      ...(draft.species && { species: draft.species }),
      ...(reading && { weight: { ...reading, way: 'typed' as const } }),
      ...(length?.ok && { length: { ...length.value, of: lengthOf } }),
      ...(draft.note.trim() && { note: draft.note.trim() }),
    };
    if (Object.keys(facts).length === 0) return setProblem(pastText.nothingSaid);
    const [bad] = problemsIn(DescribedDto, { facts });
    if (bad) return setProblem(bad.sentence);
    const [rig, bait] = [draft.rig.trim(), draft.bait.trim()];
    const page = pastPage(
      {
        dated: date.value,
        hooked: { ...ofKeeper(), ...(draft.waterId && { waterId: draft.waterId }) },
        facts,
        setup: { ...(rig && { rig }), ...(bait && { bait }) },
      },
      { deviceId: deviceId(), nowMs: deviceClock.wallMs(), nextId: newId },
    );
    if (!(await keep(() => record(page.events)))) return;
    setProblem(await addAll(page, files));
    const species = SPECIES.find(({ id }) => id === draft.species);
    const size = reading ? formatMass(reading.asRead) : length?.ok ? formatLength(length.value) : undefined;
    const says = [species && say(species.name), size, pastDateText(date.value)];
    setKept([{ page, says: says.filter(Boolean).join(', ') }, ...kept]);
    change({ weight: '', meant: undefined, length: '', rig: '', bait: '', note: '' });
    setFiles([]);
    setTried(false);
    const first = form.current?.querySelector('input');
    first?.focus();
    first?.select();
  };
  const takeBack = async ({ page: { captureId, begunAt } }: KeptFish) => {
    if (await keep(() => record([makeEvent(captureId, begunAt, 'discarded', {})])))
      setKept(kept.filter(({ page }) => page.captureId !== captureId));
  };

  return (
    <div className="grid items-start gap-x-12 gap-y-8 lg:grid-cols-[1fr_21rem]">
      <form
        ref={form}
        className="grid max-w-3xl gap-5"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void put();
        }}
      >
        <div>
          <h1 className="text-3xl font-semibold">{pastText.title}</h1>
          <p className="mt-1 text-soft">{pastText.how}</p>
        </div>
        <div className="grid gap-4 sm:grid-cols-2">
          <TextField
            className="sm:col-span-2"
            label={pastText.date}
            hint={pastText.dateHint}
            value={draft.date}
            mostLetters={40}
            problem={!date.ok && (tried || isWrongAlready(date.reason.code)) ? say(date.reason) : undefined}
            onChange={(typed) => change({ date: typed })}
          />
          <div>
            <p className="mb-1 text-sm">{pastText.water}</p>
            <WaterPicker value={draft.waterId} onChange={(waterId) => change({ waterId })} />
          </div>
          <div>
            <p className="mb-1 text-sm">{pastText.species}</p>
            <Picker
              label={pastText.species}
              placeholder={pastText.whichSpecies}
              value={draft.species ?? ''}
              options={SPECIES.map(({ id, name }) => ({ value: id, label: say(name) }))}
              onChange={(species) => change({ species: species as SpeciesId })}
            />
          </div>
          <div>
            <TextField
              label={pastText.weight}
              placeholder={pastText.weightExample}
              value={draft.weight}
              mostLetters={40}
              problem={question && !question.meanings && tried ? question.sentence : undefined}
              onChange={(typed) => change({ weight: typed, meant: undefined })}
            />
          </div>
          <LengthField
            label={pastText.length}
            text={draft.length}
            tried={tried}
            onChange={(typed) => change({ length: typed })}
          />
          <div className="empty:hidden sm:col-span-2">
            <WeightMeanings question={question} onMeant={(meant) => change({ meant })} />
          </div>
          <TextField
            label={pastText.rig}
            value={draft.rig}
            words={rigs.map(({ name }) => name)}
            mostLetters={60}
            onChange={(rig) => change({ rig })}
          />
          <TextField
            label={pastText.bait}
            value={draft.bait}
            words={baits}
            mostLetters={60}
            onChange={(bait) => change({ bait })}
          />
          <TextField
            className="sm:col-span-2"
            label={pastText.note}
            value={draft.note}
            mostLetters={4000}
            onChange={(note) => change({ note })}
          />
          <label className="sm:col-span-2">
            <span className="mb-1 block text-sm">{pastText.pictures}</span>
            <input
              // Anew for each fish: what it holds can be emptied in no other way.
              key={kept[0]?.page.captureId}
              type="file"
              accept="image/*"
              multiple
              className="field py-2.5"
              onChange={(event) => setFiles([...(event.target.files ?? [])])}
            />
          </label>
        </div>
        {problem && <Notice role="alert">{problem}</Notice>}
        <NotKept when={notKept} />
        <button type="submit" className="button button-main min-h-14 justify-self-start px-8">
          {pastText.keepIt}
        </button>
      </form>
      {kept.length > 0 && (
        <Section title={pastText.kept}>
          <ul className="border-b border-rule">
            {kept.map((fish) => (
              <li
                key={fish.page.captureId}
                className="flex flex-wrap items-center justify-between gap-x-4 border-t border-rule py-2"
              >
                <Link to={paths.capture(fish.page.captureId)} className="quiet-link">
                  {fish.says}
                </Link>
                <button
                  type="button"
                  className="quiet-link min-h-11 text-sm"
                  aria-label={`${pastText.strikeOut}: ${fish.says}`}
                  onClick={() => void takeBack(fish)}
                >
                  {pastText.strikeOut}
                </button>
              </li>
            ))}
          </ul>
        </Section>
      )}
    </div>
  );
}

/** While a date is being typed only that is said which no further letter puts right. */
function isWrongAlready(code: string): boolean {
  return code === 'measure.pastDateNoSuchDay';
}

/** Puts the pictures to the page; says of which something is wrong. */
async function addAll({ captureId, begunAt }: PastPage, files: readonly File[]): Promise<string | undefined> {
  const wrong: string[] = [];
  for (const file of files) {
    const came = await addPicture({ captureId, begunAt, pictures: [] }, file).catch(() => 'no-room' as const);
    if (came === 'no-room') wrong.push(pastText.noRoom({ name: file.name }));
    if (came === 'not-a-picture') wrong.push(pastText.notAPicture({ name: file.name }));
  }
  return wrong.length > 0 ? wrong.join(' ') : undefined;
}
