import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { Restored } from '@keeper/contract/backups';
import { ask } from '../../data/api.js';
import { queryClient } from '../../data/queryClient.js';
import { ChooseFile } from '../../parts/ChooseFile.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { paths } from '../../app/paths.js';
import { inAndOutText } from './text.en-GB.js';

/** The server goes for a moment; it is asked again so often. */
const ASK_AGAIN_MS = 250;
const MOST_TRIES = 120;

/** A backup that takes the place of a book in which nothing is yet. */
export function BringBack() {
  const [file, setFile] = useState<File>();
  const [passphrase, setPassphrase] = useState('');
  const restoring = useMutation({
    mutationFn: async (backup: File) => {
      const form = new FormData();
      if (passphrase !== '') form.append('passphrase', passphrase);
      form.append('file', backup, backup.name);
      await ask<Restored>('/restore', { method: 'POST', body: form });
      await untilBack();
    },
    onSuccess: () => {
      queryClient.clear();
      location.assign(paths.book);
    },
  });
  return (
    <Section title={inAndOutText.aBackup}>
      <p className="mb-3 text-soft">{inAndOutText.aBackupHow}</p>
      <form
        className="grid max-w-md gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (file) restoring.mutate(file);
        }}
      >
        <ChooseFile accept=".zip,.age" label={file?.name ?? inAndOutText.chooseABackup} onChosen={setFile} />
        <TextField type="password" label={inAndOutText.itsPassphrase} value={passphrase} onChange={setPassphrase} />
        {restoring.isError && <Notice role="alert">{restoring.error.message}</Notice>}
        {restoring.isPending && <p role="status">{inAndOutText.bringingBack}</p>}
        {restoring.isSuccess && <p role="status">{inAndOutText.isBack}</p>}
        <button type="submit" className="button button-main" disabled={!file || restoring.isPending}>
          {inAndOutText.bringItBack}
        </button>
      </form>
    </Section>
  );
}

/** Waits until the server was gone and is there again, or has the fish already; no longer than it may take. */
async function untilBack(): Promise<void> {
  let wasGone = false;
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN_MS));
    const tally = await ask<{ captures: number }>('/captures/tally').catch(() => undefined);
    if (tally && (wasGone || tally.captures > 0)) return;
    wasGone ||= tally === undefined;
  }
}
