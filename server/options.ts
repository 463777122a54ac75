import { accessSync, constants, mkdirSync } from 'node:fs';
import { homedir } from 'node:os';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { StartError } from './storage/startError.js';

/** How this server was asked to run. */
export interface Options {
  readonly port: number;
  /** The address to listen on: loopback unless told otherwise. */
  readonly listen: string;
  /** Where the book and the pictures lie. */
  readonly dataFolder: string;
  /** Further host names under which it may be asked, beside the loopback ones. */
  readonly hosts: readonly string[];
}

/**
 * Reads options from arguments (`--port 4310 --data folder --listen address --host name`), then from the environment
 * (`KEEPER_PORT`, `KEEPER_DATA`, `KEEPER_LISTEN`, `KEEPER_HOSTS`), then from defaults.
 */
export function readOptions(argv: readonly string[], env: NodeJS.ProcessEnv): Options {
  const values = readArguments(argv);
  return {
    port: readPort(values.port ?? env['KEEPER_PORT'] ?? '4310'),
    listen: values.listen ?? env['KEEPER_LISTEN'] ?? '127.0.0.1',
    dataFolder: resolve(values.data ?? env['KEEPER_DATA'] ?? defaultDataFolder(env)),
    hosts: values.host ?? (env['KEEPER_HOSTS'] ?? '').split(',').filter(Boolean),
  };
}

const OPTIONS = {
  port: { type: 'string' },
  data: { type: 'string' },
  listen: { type: 'string' },
  host: { type: 'string', multiple: true },
} as const;

function readArguments(argv: readonly string[]) {
  try {
    return parseArgs({ args: [...argv], options: OPTIONS }).values;
  } catch (cause) {
    const why = (cause as Error).message.replace(/\. To specify.*$/s, '.');
    throw new StartError(
      `${why.replace(/\.?$/, '.')}\nKnown are: --port 4310, --data FOLDER, --listen ADDRESS, --host NAME (more than once for several).`,
    );
  }
}

/** Makes the data folder if need be; says what is wrong when the book could not be written there. */
export function prepareDataFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    accessSync(folder, constants.W_OK);
  } catch (cause) {
    const why = cause instanceof Error ? cause.message : String(cause);
    throw new StartError(
      `The book cannot be kept in ${folder}: ${why}.\nName a folder that can be written: npm start -- --data FOLDER`,
    );
  }
}

function readPort(text: string): number {
  const port = Number(text);
  if (/^\d+$/.test(text) && port <= 65_535) return port;
  throw new StartError(`"${text}" is no port. A port is a whole number from 1 to 65535 (0 takes any free one).`);
}

function defaultDataFolder(env: NodeJS.ProcessEnv): string {
  return join(env['XDG_DATA_HOME'] ?? join(homedir(), '.local', 'share'), 'unhurried-keeper');
}
