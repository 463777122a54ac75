import { alikeWords } from '@keeper/core/domain/outing/alikeWords';
import { foldWord } from '@keeper/core/domain/outing/foldWord';
import { useSettings, useWriteSettings } from '../../data/queries.js';
import { useRodWords } from '../../data/rods.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { kitText } from './text.en-GB.js';

/** The keeper's own list of baits; two that may be one are made one in a tap. */
export function Baits() {
  const { baits } = useRodWords(null);
  const { updatedAt: _at, ...settings } = useSettings();
  const write = useWriteSettings();
  if (baits.length === 0) return null;
  const makeOne = (word: string, as: string) => {
    // What was meant as the one that goes is meant as the other from now on.
    const moved = settings.sameWords.map((each) => (foldWord(each.as) === foldWord(word) ? { ...each, as } : each));
    write.mutate({ ...settings, sameWords: [...moved, { word: foldWord(word), as }] });
  };
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
      {write.isError && <Notice role="alert">{write.error.message}</Notice>}
    </Section>
  );
}
