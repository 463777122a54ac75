import { useMutation, useQuery } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { useState } from 'react';
import type { Backups } from '@keeper/contract/backups';
import { useAccess } from '../../data/access.js';
import { send } from '../../data/api.js';
import { asked } from '../../data/asked.js';
import { queryClient } from '../../data/queryClient.js';
import { bytesText } from '../../parts/bytesText.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { whenText } from '../../parts/when.js';
import { settingsText } from './text.en-GB.js';

/** The whole book as one file: now, or by itself every night. */
export function BackupSection() {
  const onMachine = useAccess()?.onMachine ?? false;
  return (
    <Section title={settingsText.backup}>
      <p className="mb-3 max-w-prose">{settingsText.backupHow}</p>
      <a href="/api/backup" download className="button">
        <Download size={20} aria-hidden />
        {settingsText.backUpTheBook}
      </a>
      <p className="mt-3 max-w-prose text-sm text-soft">{settingsText.backupPrivate}</p>
      {onMachine && <EveryNight />}
    </Section>
  );
}

/** On the machine that keeps the book: where a backup goes every night, and when the last good one was made. */
function EveryNight() {
  const backups = useQuery({ ...asked.backups, retry: false }).data;
  const [typed, setTyped] = useState<string>();
  const choose = useMutation({
    mutationFn: (folder: string) => send<Backups>('PUT', '/backups', { folder }),
    onSuccess: (now) => {
      queryClient.setQueryData(asked.backups.queryKey, now);
      setTyped(undefined);
    },
  });
  if (!backups) return null;
  const folder = typed ?? backups.folder ?? '';
  const isChanged = folder.trim() !== (backups.folder ?? '');
  return (
    <form
      className="mt-5 grid max-w-xl gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        choose.mutate(folder);
      }}
    >
      <TextField
        label={settingsText.everyNightInto}
        hint={settingsText.everyNightHow}
        value={folder}
        mostLetters={1000}
        problem={choose.isError ? choose.error.message : undefined}
        onChange={setTyped}
      />
      <button type="submit" className="button justify-self-start" disabled={!isChanged || choose.isPending}>
        {settingsText.saveTheFolder}
      </button>
      {backups.folder !== null && (
        <p role="status">
          {backups.lastAt === null
            ? settingsText.noBackupYet
            : settingsText.lastBackup({
                at: whenText(backups.lastAt),
                size: bytesText(backups.lastBytes ?? 0),
                count: backups.count,
              })}
        </p>
      )}
      {backups.trouble !== null && <Notice role="alert">{backups.trouble}</Notice>}
    </form>
  );
}
