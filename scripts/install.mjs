// What the project needs, installed once for each lock file and Node.js; what its tests need of Debian.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fail, say } from './process.mjs';

const STAMP = join('node_modules', '.install-stamp');

/** What is installed depends on this: the lock file and Node.js. */
export function installedFor() {
  return createHash('sha256').update(readFileSync('package-lock.json')).update(process.version).digest('hex');
}

function npm(args, env = process.env) {
  const child = spawn(process.execPath, [process.env.npm_execpath ?? findNpm(), ...args], { stdio: 'inherit', env });
  return new Promise((resolve) => {
    child.on('close', (status) => {
      if (status !== 0) fail('The installation failed; its reason stands above.');
      resolve();
    });
  });
}

function findNpm() {
  const beside = join(dirname(process.execPath), '..', 'lib', 'node_modules', 'npm', 'bin', 'npm-cli.js');
  if (!existsSync(beside)) fail('Start this through npm, for example: npm run demo');
  return beside;
}

/**
 * Installs in two steps: once it is unpacked, what needs no native code may go on while the database driver is compiled,
 * which takes longest.
 */
export function install() {
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === installedFor())
    return { unpacked: Promise.resolve(), compiled: Promise.resolve() };
  say('Installing what the keeper needs. The first time this takes a few minutes.');
  // Where Node.js brings its own headers, the database driver is compiled against them and nothing is fetched.
  const prefix = join(dirname(process.execPath), '..');
  const headers = existsSync(join(prefix, 'include', 'node', 'node.h'));
  const env = { ...process.env, ...(headers && { npm_package_config_node_gyp_nodedir: prefix }) };
  const unpacked = npm(['ci', '--ignore-scripts', '--no-audit', '--no-fund'], env);
  const compiled = unpacked.then(() => npm(['rebuild'], env)).then(() => writeFileSync(STAMP, installedFor()));
  return { unpacked, compiled };
}

/** The browser without a window alone: a third quicker than the whole one. */
export const CHROMIUM = '/usr/bin/chromium-headless-shell';
/** Writes the pictures that the reading of EXIF is checked with. */
export const EXIFTOOL = '/usr/bin/exiftool';
/** A second opinion on the certificates that are made. */
export const OPENSSL = '/usr/bin/openssl';
/** Installs a certificate in a browser, as one does by hand on a phone. */
export const CERTUTIL = '/usr/bin/certutil';
/** Opens what leaves the book as a bundle. */
export const UNZIP = '/usr/bin/unzip';

/** Holds what leaves for a map to its schema. */
export const XMLLINT = '/usr/bin/xmllint';
/** Reads what a printed page says. */
export const PDFTOTEXT = '/usr/bin/pdftotext';
/** Opens backups with a passphrase: another implementation of their format. */
export const AGE = '/usr/bin/age';

/** What the tests need of Debian, and is not there yet. */
export function debian(tools) {
  const wanted = tools.filter(({ at }) => !existsSync(at)).map(({ name }) => name);
  if (wanted.length === 0) return;
  const manual = `The tests need of Debian: ${wanted.join(', ')}. As root: apt-get install ${wanted.join(' ')}`;
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) fail(manual);
  say(`Installing what the tests need of Debian: ${wanted.join(', ')}.`);
  const options = { stdio: 'inherit', env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  spawnSync('apt-get', ['update', '-q'], options);
  spawnSync('apt-get', ['install', '-y', '-q', '--no-install-recommends', ...wanted], options);
  if (tools.some(({ at }) => !existsSync(at))) fail(manual);
}

export const chromium = () => debian([{ name: 'chromium-headless-shell', at: CHROMIUM }]);
