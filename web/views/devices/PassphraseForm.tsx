import { useState } from 'react';
import { LEAST_PASSPHRASE, LONGEST_PASSPHRASE } from '@keeper/contract/access';
import { useSetPassphrase } from '../../data/access.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { devicesText } from './text.en-GB.js';

/** Sets the passphrase; where one stands, only who knows it changes it. */
export function PassphraseForm({ isFirst }: { isFirst: boolean }) {
  const change = useSetPassphrase();
  const [current, setCurrent] = useState('');
  const [next, setNext] = useState('');
  const length = [...next.normalize('NFC')].length;
  const isGood = length >= LEAST_PASSPHRASE && length <= LONGEST_PASSPHRASE;
  const form = (
    <form
      className="grid max-w-md gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        const given = { next, ...(!isFirst && { current }) };
        change.mutate(given, {
          onSuccess: () => {
            setCurrent('');
            setNext('');
          },
        });
      }}
    >
      {!isFirst && <TextField type="password" label={devicesText.current} value={current} onChange={setCurrent} />}
      <TextField
        type="password"
        label={devicesText.next}
        hint={devicesText.nextHint}
        value={next}
        onChange={setNext}
        problem={change.isError ? change.error.message : undefined}
      />
      <button type="submit" className="button button-main min-h-12" disabled={!isGood || change.isPending}>
        {isFirst ? devicesText.setIt : devicesText.changeIt}
      </button>
      {change.isSuccess && <p role="status">{devicesText.itIsSet}</p>}
    </form>
  );
  return (
    <Section title={devicesText.passphrase}>
      {isFirst ? (
        <>
          <p className="mb-4 max-w-prose">{devicesText.setAPassphrase}</p>
          {form}
        </>
      ) : (
        <details>
          <summary className="min-h-11 cursor-pointer">{devicesText.changeIt}</summary>
          <p className="mb-4 max-w-prose text-soft">{devicesText.passphraseStands}</p>
          {form}
          <p className="mt-4 text-sm text-soft">{devicesText.forgotten}</p>
        </details>
      )}
    </Section>
  );
}
