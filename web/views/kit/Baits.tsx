import { useState } from 'react';
import { alikeWords } from '@keeper/core/domain/outing/alikeWords';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import { useSettings, useWriteSettings } from '../../data/queries.js';
import { useRodWords } from '../../data/rods.js';
import { Notice } from '../../parts/Notice.js';
import { Picker } from '../../parts/Picker.js';
import { Section } from '../../parts/Section.js';
import { kitText } from './text.en-GB.js';

/** The keeper's own list of baits; two that are one are made one, and two again. */
export function Baits() {
  const { baits } = useRodWords(null);
  const { updatedAt: _at, ...settings } = useSettings();
  const write = useWriteSettings();
  const { sameWords } = settings;
  if (baits.length === 0) return null;
  const makeOne = (word: string, as: string) => {
    // What was meant as the one that goes is meant as the other from now on.
    const moved = sameWords.map((each) => (foldWord(each.as) === foldWord(word) ? { ...each, as } : each));
    write.mutate({ ...settings, sameWords: [...moved, { word: foldWord(word), as }] });
  };
  const makeTwo = (word: string) =>
    write.mutate({ ...settings, sameWords: sameWords.filter((each) => each.word !== word) });
  return (
    <Section title={kitText.yourBaits}>
      <p className="mb-3">{baits.join(', ')}</p>
      <ul className="grid gap-2">
        {alikeWords(baits).map(([lately, before]) => (
          <li key={`${lately} ${before}`} className="flex flex-wrap items-center gap-3">
            <span>{kitText.mayBeOne({ lately, before })}</span>
            <button type="button" className="button font-normal" onClick={() => makeOne(lately, before)}>
              {kitText.bothAre({ word: before })}
            </button>
            <button type="button" className="button font-normal" onClick={() => makeOne(before, lately)}>
              {kitText.bothAre({ word: lately })}
            </button>
          </li>
        ))}
      </ul>
      <MakeOne baits={baits} onOne={makeOne} />
      {sameWords.length > 0 && (
        <ul className="mt-4 grid gap-2">
          {sameWords.map(({ word, as }) => (
            <li key={word} className="flex flex-wrap items-center gap-3">
              <span>{kitText.countsAs({ word, as })}</span>
              <button type="button" className="quiet-link" onClick={() => makeTwo(word)}>
                {kitText.twoAgain}
              </button>
            </li>
          ))}
        </ul>
      )}
      {write.isError && <Notice role="alert">{write.error.message}</Notice>}
    </Section>
  );
}

/** Two baits whose names are nothing alike. */
function MakeOne({ baits, onOne }: { baits: readonly string[]; onOne: (word: string, as: string) => void }) {
  const [word, setWord] = useState('');
  const [as, setAs] = useState('');
  if (baits.length < 2) return null;
  const options = (without: string) =>
    baits.filter((bait) => bait !== without).map((bait) => ({ value: bait, label: bait }));
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer py-2 text-soft">{kitText.twoNames}</summary>
      <div className="grid max-w-2xl items-end gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <Picker label={kitText.thisBait} value={word} onChange={setWord} options={options(as)} />
        <Picker label={kitText.isTheSameAs} value={as} onChange={setAs} options={options(word)} />
        <button
          type="button"
          className="button"
          disabled={word === '' || as === ''}
          onClick={() => {
            onOne(word, as);
            setWord('');
            setAs('');
          }}
        >
          {kitText.makeOne}
        </button>
      </div>
    </details>
  );
}
