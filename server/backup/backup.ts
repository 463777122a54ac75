import { createWriteStream, existsSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { resolve } from 'node:path';
import { readOptions } from '../options.js';
import { bookFolder, type BookFolder } from '../storage/bookFolder.js';
import { StartError } from '../storage/startError.js';
import { readBackup } from './readBackup.js';
import { opened } from './opened.js';
import { restoreBackup } from './restoreBackup.js';
import { sealedWith } from './sealing.js';
import { writeBackup, type Backup } from './writeBackup.js';

type Say = (line: string) => void;

/** The file that a command is about, and its further options. @throws StartError where none is named */
function fileAndOptions(command: string, argv: readonly string[]): { file: string; rest: readonly string[] } {
  const [name, ...rest] = argv;
  if (name === undefined || name.startsWith('-'))
    throw new StartError(`Name the file of the backup: npm run ${command} -- FILE.zip`);
  return { file: resolve(name), rest };
}

/** Writes a backup and says what is in it. @throws StartError */
export async function backup(argv: readonly string[], say: Say, now: Date): Promise<number> {
  const { file, rest } = fileAndOptions('backup', argv);
  const where = bookFolder(readOptions(rest, process.env).dataFolder);
  if (existsSync(file)) throw new StartError(`${file} is there already and was not touched. Name another file.`);
  const passphrase = passphraseOf(process.env);
  const { bytes, pictures, missing } = await writeWholeBackup(where, file, now, passphrase);
  for (const sha256 of missing)
    say(`Picture ${sha256}: its original is not in the folder, so it is not in the backup.`);
  say(`${file}: the book and ${pictures} pictures, ${(bytes / 1e6).toFixed(1)} MB, read back and whole.`);
  return missing.length > 0 ? 1 : 0;
}

/** The passphrase that backups are sealed with, where one is named: in the environment, for it stays out of lists. */
function passphraseOf(env: NodeJS.ProcessEnv): string | undefined {
  return env['KEEPER_BACKUP_PASSPHRASE'] || undefined;
}

/**
 * Writes a backup beside its place, reads it back, and only then puts it there; sealed where a passphrase is given.
 * @throws StartError
 */
export async function writeWholeBackup(
  where: BookFolder,
  file: string,
  now: Date,
  passphrase?: string,
): Promise<Backup> {
  const half = `${file}.half`;
  try {
    const openOut = () => createWriteStream(half, { mode: 0o600, highWaterMark: 4 * 1024 * 1024 });
    const written = await writeBackup(where, passphrase ? () => sealedWith(passphrase, openOut) : openOut, now);
    const { problems } = await opened(half, passphrase, where.folder, (plain) => readBackup(plain));
    if (problems.length > 0) throw new StartError(`The backup does not read back: ${problems.join(' ')}`);
    renameSync(half, file);
    return written;
  } finally {
    rmSync(half, { force: true });
  }
}

/** Brings a book back into a folder that has none. @throws StartError */
export async function restore(argv: readonly string[], say: Say, migrationsFolder: string): Promise<number> {
  const { file, rest } = fileAndOptions('restore', argv);
  const where = bookFolder(readOptions(rest, process.env).dataFolder);
  const { files } = await restoreBackup(file, where, migrationsFolder, passphraseOf(process.env));
  say(`The book and ${files - 1} pictures are back, in ${where.folder}.`);
  return 0;
}

/** Says whether a backup is whole: 1 where it is not. @throws StartError where it is none */
export async function verifyBackup(file: string, say: Say): Promise<number> {
  const passphrase = passphraseOf(process.env);
  const { bytes, files, problems } = await opened(resolve(file), passphrase, tmpdir(), (plain) => readBackup(plain));
  for (const problem of problems) say(problem);
  say(`${files} files, ${(bytes / 1e6).toFixed(1)} MB: ${problems.length} problems.`);
  return problems.length > 0 ? 1 : 0;
}
