import { useMutation, useQuery } from '@tanstack/react-query';
import { Download, Lock } from 'lucide-react';
import { useState } from 'react';
import type { Backups, SealedDownload } from '@keeper/contract/backups';
import { useAccess } from '../../data/access.js';
import { send } from '../../data/api.js';
import { asked } from '../../data/asked.js';
import { queryClient } from '../../data/queryClient.js';
import { bytesText } from '../../parts/bytesText.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { whenText } from '../../parts/when.js';
import { NotYetThere } from './NotYetThere.js';
import { inAndOutText } from './text.en-GB.js';

/** The whole book as one file: now, or by itself every night; sealed with a passphrase where one is given. */
export function BackupSection() {
  const onMachine = useAccess()?.onMachine ?? false;
  return (
    <Section title={inAndOutText.backup}>
      <p className="mb-3 max-w-prose">{inAndOutText.backupHow}</p>
      <NotYetThere />
      <a href="/api/backup" download className="button">
        <Download size={20} aria-hidden />
        {inAndOutText.backUpTheBook}
      </a>
      <p className="mt-3 max-w-prose text-sm text-soft">{inAndOutText.backupPrivate}</p>
      <Sealed />
      {onMachine && <EveryNight />}
    </Section>
  );
}

function Sealed() {
  const [passphrase, setPassphrase] = useState('');
  const seal = useMutation({
    mutationFn: () => send<SealedDownload>('POST', '/backup/sealed', { passphrase }),
    onSuccess: ({ path }) => {
      setPassphrase('');
      location.assign(path);
    },
  });
  return (
    <form
      className="mt-4 grid max-w-md gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        seal.mutate();
      }}
    >
      <TextField
        type="password"
        label={inAndOutText.sealIt}
        hint={inAndOutText.passphraseHow}
        value={passphrase}
        problem={seal.isError ? seal.error.message : undefined}
        onChange={setPassphrase}
      />
      <button type="submit" className="button justify-self-start" disabled={passphrase === '' || seal.isPending}>
        <Lock size={20} aria-hidden />
        {inAndOutText.backUpSealed}
      </button>
    </form>
  );
}

/** On the machine that keeps the book: where a backup goes every night, and when the last good one was made. */
function EveryNight() {
  const backups = useQuery({ ...asked.backups, retry: false }).data;
  const [typed, setTyped] = useState<string>();
  const [passphrase, setPassphrase] = useState('');
  const choose = useMutation({
    mutationFn: (wanted: { folder: string; passphrase?: string | null }) => send<Backups>('PUT', '/backups', wanted),
    onSuccess: (now) => {
      queryClient.setQueryData(asked.backups.queryKey, now);
      setTyped(undefined);
      setPassphrase('');
    },
  });
  if (!backups) return null;
  const folder = typed ?? backups.folder ?? '';
  const isChanged = folder.trim() !== (backups.folder ?? '') || passphrase !== '';
  return (
    <form
      className="mt-5 grid max-w-xl gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        choose.mutate({ folder, ...(passphrase !== '' && { passphrase }) });
      }}
    >
      <TextField
        label={inAndOutText.everyNightInto}
        hint={inAndOutText.everyNightHow}
        value={folder}
        mostLetters={1000}
        problem={choose.isError ? choose.error.message : undefined}
        onChange={setTyped}
      />
      {folder.trim() !== '' && (
        <TextField
          type="password"
          label={inAndOutText.sealNightly}
          hint={backups.sealed ? inAndOutText.nightlySealed : inAndOutText.passphraseHow}
          value={passphrase}
          onChange={setPassphrase}
        />
      )}
      {backups.sealed && (
        <button
          type="button"
          className="button justify-self-start font-normal"
          onClick={() => choose.mutate({ folder, passphrase: null })}
        >
          {inAndOutText.unsealNightly}
        </button>
      )}
      <button type="submit" className="button justify-self-start" disabled={!isChanged || choose.isPending}>
        {inAndOutText.saveTheFolder}
      </button>
      {backups.folder !== null && (
        <p role="status">
          {backups.lastAt === null
            ? inAndOutText.noBackupYet
            : inAndOutText.lastBackup({
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
