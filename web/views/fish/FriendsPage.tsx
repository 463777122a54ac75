import { fishText } from './text.en-GB.js';
import { say } from '../../text/say.js';
import { useState } from 'react';
import { problemsIn } from '@keeper/contract/validation';
import { RegisterQueryDto, type FriendRegister } from '@keeper/contract/registers';
import type { SharedFish } from '@keeper/core/formats/registerJson';
import { isMeasure } from '@keeper/core/domain/fish/isMeasure';
import { speciesName } from '@keeper/core/domain/fish/species';
import { useRegister } from '../../data/known.js';
import { useSettings } from '../../data/queries.js';
import { removeRegister, takeInRegister, useFriendRegisters } from '../../data/friendRegisters.js';
import { Choices } from '../../parts/Choices.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { aboutGrams } from '../../parts/weight/massWords.js';
import { dayText, monthText } from '../../parts/when.js';
import { UnderRegister } from './UnderRegister.js';

type May = 'weights' | 'thumbnails';

/** Registers given to friends on the same water and taken from them: whose fish is it? Never where. */
export function FriendsPage() {
  return (
    <div className="grid gap-9">
      <UnderRegister>
        <h1 className="text-3xl font-semibold">{fishText.friendsOnTheWater}</h1>
        <p className="mt-1 max-w-prose text-soft">{fishText.twoAnglersOnOne}</p>
      </UnderRegister>
      <div className="grid items-start gap-x-12 gap-y-9 lg:grid-cols-2">
        <Give />
        <Take />
      </div>
    </div>
  );
}

function Give() {
  const { fish } = useRegister();
  const [from, setFrom] = useState('');
  const [may, setMay] = useState<readonly May[]>([]);
  const [tried, setTried] = useState(false);
  const choice = (what: May) => (may.includes(what) ? 'included' : 'left-out');
  const asked = { from: from.trim(), weights: choice('weights'), thumbnails: choice('thumbnails') } as const;
  const problem = tried ? problemsIn(RegisterQueryDto, asked)[0]?.sentence : undefined;
  const give = () => {
    setTried(true);
    if (problemsIn(RegisterQueryDto, asked).length > 0) return;
    const link = document.createElement('a');
    link.href = `/api/register.json?${new URLSearchParams(asked).toString()}`;
    link.download = fishText.registerOfJson({ from: asked.from });
    link.click();
  };
  return (
    <Section title={fishText.shareYours}>
      <div className="grid gap-4">
        <TextField label={fishText.whoseRegisterItIs} value={from} onChange={setFrom} problem={problem} />
        <Choices
          label={fishText.include}
          value={may}
          onChange={setMay}
          options={[
            { value: 'weights', label: fishText.weightsAndLengths },
            { value: 'thumbnails', label: fishText.smallPictures },
          ]}
        />
        {may.includes('thumbnails') && <p className="text-sm">{fishText.picturesShowWhatStands}</p>}
        <button type="button" className="button button-main min-h-14" onClick={give} disabled={fish.length === 0}>
          {fishText.aFileOf({ fishCount: fish.length })}
        </button>
      </div>
    </Section>
  );
}

function Take() {
  const theirs = useFriendRegisters();
  const [says, setSays] = useState<{ readonly text: string; readonly wrong: boolean }>();
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      const { from, fish, flanks } = await takeInRegister(file);
      setSays({
        text: fishText.fishOfWithFlanks({ fish, from, flanks }),
        wrong: false,
      });
    } catch (error) {
      setSays({ text: error instanceof Error ? error.message : fishText.theFileCouldNot, wrong: true });
    }
  };
  return (
    <Section title={fishText.importAFriendsRegister}>
      <div className="grid gap-4">
        <label className="button min-h-14 cursor-pointer">
          {fishText.chooseTheFile}
          <input
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={(event) => {
              void take(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
        </label>
        {says && (says.wrong ? <Notice role="alert">{says.text}</Notice> : <p role="status">{says.text}</p>)}
        <ul className="border-b border-rule empty:hidden">
          {theirs.map((register) => (
            <Theirs
              key={register.id}
              register={register}
              onRemove={() =>
                void removeRegister(register.id).catch((error: unknown) =>
                  setSays({ text: error instanceof Error ? error.message : fishText.theFileCouldNot, wrong: true }),
                )
              }
            />
          ))}
        </ul>
      </div>
    </Section>
  );
}

interface TheirsProps {
  readonly register: FriendRegister;
  readonly onRemove: () => void;
}

function Theirs({ register: { from, fish, receivedAt }, onRemove }: TheirsProps) {
  return (
    <li className="border-t border-rule py-2">
      <span className="flex flex-wrap items-center justify-between gap-x-4">
        <span>
          <b>{from}</b>
          {fishText.oneFishFish({ fishCount: fish.length })}
          <span className="block text-sm text-soft">{fishText.importedOn({ receivedAt: dayText(receivedAt) })}</span>
        </span>
        <button type="button" className="quiet-link min-h-12" onClick={onRemove}>
          {fishText.removeThisRegister}
        </button>
      </span>
      <details>
        <summary className="min-h-11 cursor-pointer list-none underline decoration-edge underline-offset-4">
          {fishText.lookAtTheirFish}
        </summary>
        <ul className="grid gap-3 sm:grid-cols-2">
          {fish.map((each) => (
            <TheirFish key={each.id} fish={each} />
          ))}
        </ul>
      </details>
    </li>
  );
}

/** A friend's fish, as far as the file tells: how it looks, when it was met, what it weighed. */
function TheirFish({ fish: { name, species, form, flanks, catches } }: { fish: SharedFish }) {
  const { massUnit } = useSettings();
  const pictured = flanks.find(({ thumbnail }) => thumbnail);
  return (
    <li className="grid content-start gap-1 rounded-lg border border-rule p-3">
      {pictured?.thumbnail ? (
        <img
          src={`data:image/jpeg;base64,${pictured.thumbnail}`}
          alt={fishText.flank({ name, side: pictured.side })}
          className="aspect-2/1 w-full rounded object-cover"
        />
      ) : (
        <span className="text-sm text-soft">{fishText.noPictureGiven({ flanksCount: flanks.length })}</span>
      )}
      <b>{name}</b>
      <span className="text-soft">{say(speciesName(species, form))}</span>
      <ul className="text-sm tabular-nums">
        {catches
          .toSorted((a, b) => b.month.localeCompare(a.month))
          .map(({ month, grams }, i) => (
            <li key={i} className="flex justify-between gap-3">
              <span>{monthText(`${month}-15T12:00:00`)}</span>
              <span>{isMeasure(grams) ? aboutGrams(grams, massUnit) : ''}</span>
            </li>
          ))}
      </ul>
    </li>
  );
}
