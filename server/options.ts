import { accessSync, constants, mkdirSync } from 'node:fs';
import { homedir } from 'node:os';
import { isIP, isIPv4 } from 'node:net';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { StartError } from './storage/startError.js';

/** How this server was asked to run. */
export interface Options {
  readonly port: number;
  /** The address to listen on for this machine, or for a proxy. */
  readonly listen: string;
  /** Where the book and the pictures lie. */
  readonly dataFolder: string;
  /** Further host names under which it may be asked, beside the loopback ones. */
  readonly hosts: readonly string[];
  /** Whether to open the book to the home network, over HTTPS, whatever was chosen in the settings. */
  readonly home: boolean;
  readonly homePort: number;
  /** The keeper's own certificate and key, as files; without them the server makes its own. */
  readonly certificate: { readonly cert: string; readonly key: string } | null;
  /** Addresses of the proxies that are trusted; empty where there is none. */
  readonly proxies: readonly string[];
}

/**
 * Reads options from arguments (`--port 4310 --data folder --home`), then from the environment (`KEEPER_PORT`,
 * `KEEPER_DATA`, `KEEPER_HOME`), then from defaults.
 * @throws StartError for what cannot be read, and for plain HTTP beyond this machine
 */
export function readOptions(argv: readonly string[], env: NodeJS.ProcessEnv): Options {
  const values = readArguments(argv);
  const port = readPort(values.port ?? env['KEEPER_PORT'] ?? '4310');
  const listed = (text: string | undefined) => (text ?? '').split(',').filter(Boolean);
  const proxies = values['behind-proxy'] ?? listed(env['KEEPER_BEHIND_PROXY']);
  const listen = values.listen ?? env['KEEPER_LISTEN'] ?? '127.0.0.1';
  if (!isLoopback(listen) && proxies.length === 0) {
    throw new StartError(
      `The book is not handed out over plain HTTP on ${listen}: everybody on the way could read it.\nFor the phone in your pocket: npm start -- --home. Behind a proxy that does HTTPS: --behind-proxy ITS-ADDRESS.`,
    );
  }
  return {
    port,
    listen,
    dataFolder: resolve(values.data ?? env['KEEPER_DATA'] ?? defaultDataFolder(env)),
    hosts: values.host ?? listed(env['KEEPER_HOSTS']),
    home: values.home ?? env['KEEPER_HOME'] === 'yes',
    homePort: readPort(values['home-port'] ?? env['KEEPER_HOME_PORT'] ?? String(port === 0 ? 0 : port + 1)),
    certificate: readPair(values.cert ?? env['KEEPER_CERT'], values.key ?? env['KEEPER_KEY']),
    proxies: proxies.map(readProxy),
  };
}

/** Whether only this machine can come in at an address. */
function isLoopback(address: string): boolean {
  return address === '::1' || address === 'localhost' || (isIPv4(address) && address.startsWith('127.'));
}

function readPair(cert: string | undefined, key: string | undefined): Options['certificate'] {
  if (cert === undefined && key === undefined) return null;
  if (cert !== undefined && key !== undefined) return { cert: resolve(cert), key: resolve(key) };
  throw new StartError('A certificate and its key belong together: --cert FILE --key FILE.');
}

function readProxy(text: string): string {
  if (isIP(text) !== 0) return text;
  throw new StartError(`"${text}" is no address of a proxy. Name the one that it asks from, such as 127.0.0.1.`);
}

const OPTIONS = {
  port: { type: 'string' },
  data: { type: 'string' },
  listen: { type: 'string' },
  host: { type: 'string', multiple: true },
  home: { type: 'boolean' },
  'home-port': { type: 'string' },
  cert: { type: 'string' },
  key: { type: 'string' },
  'behind-proxy': { type: 'string', multiple: true },
} as const;

function readArguments(argv: readonly string[]) {
  try {
    return parseArgs({ args: [...argv], options: OPTIONS }).values;
  } catch (cause) {
    const why = (cause as Error).message.replace(/\. To specify.*$/s, '.');
    throw new StartError(
      `${why.replace(/\.?$/, '.')}\nKnown are: --port 4310, --data FOLDER, --home, --home-port 4311, --cert FILE --key FILE, --behind-proxy ADDRESS, --listen ADDRESS, --host NAME (more than once for several).`,
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
