import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { LEAF_LIVES_MS, makeAuthority, makeLeaf, RENEWED_BEFORE_MS } from './authority.js';
import { fingerprintOf, readCertified, serves, writeCertified } from './certificateFiles.js';
import type { HomeNames } from './homeNames.js';

const NOW = new Date('2026-05-01T12:00:00Z');
const HOME: HomeNames = { addresses: ['192.168.1.20', '10.0.0.7'], names: ['attic', 'attic.local'] };

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'keeper-home-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** OpenSSL as the second opinion: whether it takes a certificate under this authority. */
function openSslSays(authority: string, leaf: string, atS: number): string {
  const [ca, own] = [join(folder, 'ca.pem'), join(folder, 'leaf.pem')];
  writeFileSync(ca, authority);
  writeFileSync(own, leaf);
  try {
    const args = ['verify', '-x509_strict', '-attime', String(atS), '-CAfile', ca, '-purpose', 'sslserver', own];
    return execFileSync('openssl', args, { encoding: 'utf8', stdio: 'pipe' });
  } catch (cause) {
    return String((cause as { stderr: string }).stderr);
  }
}

const seconds = (date: Date) => Math.floor(date.getTime() / 1000);

test('OpenSSL takes the certificate that the authority signed for the home, and refuses one for anywhere else', async () => {
  const authority = await makeAuthority(HOME, NOW);
  const leaf = await makeLeaf(authority, HOME, NOW);
  expect(openSslSays(authority.certificate, leaf.certificate, seconds(NOW))).toMatch(/: OK/);
  const elsewhere = await makeLeaf(authority, { addresses: [], names: ['book.example'] }, NOW);
  expect(openSslSays(authority.certificate, elsewhere.certificate, seconds(NOW))).toMatch(
    /permitted subtree violation/,
  );
  const abroad = await makeLeaf(authority, { addresses: ['203.0.113.9'], names: [] }, NOW);
  expect(openSslSays(authority.certificate, abroad.certificate, seconds(NOW))).toMatch(/permitted subtree violation/);
  const over = new Date(NOW.getTime() + LEAF_LIVES_MS + 1000);
  expect(openSslSays(authority.certificate, leaf.certificate, seconds(over))).toMatch(/certificate has expired/);
});

test('it is ECDSA on P-256, and the leaf can sign nothing', async () => {
  const authority = await makeAuthority(HOME, NOW);
  const leaf = await makeLeaf(authority, HOME, NOW);
  writeFileSync(join(folder, 'leaf.pem'), leaf.certificate);
  const text = execFileSync('openssl', ['x509', '-in', join(folder, 'leaf.pem'), '-noout', '-text'], {
    encoding: 'utf8',
  });
  expect(text).toContain('ecdsa-with-SHA256');
  expect(text).toContain('NIST CURVE: P-256');
  expect(text).toContain('CA:FALSE');
  expect(text).toContain('IP Address:192.168.1.20');
});

test('it serves until ten days before its end, for the names it has, and under its own authority', async () => {
  const authority = await makeAuthority(HOME, NOW);
  const leaf = await makeLeaf(authority, HOME, NOW);
  const at = (ms: number) => new Date(NOW.getTime() + ms);
  expect(serves(leaf, authority, HOME, NOW)).toBe(true);
  expect(serves(leaf, authority, HOME, at(LEAF_LIVES_MS - RENEWED_BEFORE_MS))).toBe(true);
  expect(serves(leaf, authority, HOME, at(LEAF_LIVES_MS - RENEWED_BEFORE_MS + 1000))).toBe(false);
  expect(serves(leaf, authority, HOME, at(-2 * 24 * 3600_000))).toBe(false);
  expect(serves(leaf, authority, { ...HOME, addresses: ['192.168.1.21'] }, NOW)).toBe(false);
  expect(serves(leaf, authority, { ...HOME, addresses: ['10.0.0.7'] }, NOW)).toBe(true);
  expect(serves(leaf, await makeAuthority(HOME, NOW), HOME, NOW)).toBe(false);
});

test('what is kept is read again; a file that was cut off, or whose halves do not belong together, is none', async () => {
  const authority = await makeAuthority(HOME, NOW);
  const file = join(folder, 'home', 'authority.pem');
  expect(readCertified(file)).toBeUndefined();
  writeCertified(file, authority);
  expect(fingerprintOf(readCertified(file) ?? { certificate: '' })).toBe(fingerprintOf(authority));
  const whole = readFileSync(file, 'utf8');
  writeFileSync(file, whole.slice(0, -40));
  expect(readCertified(file)).toBeUndefined();
  writeCertified(file, { ...authority, key: (await makeAuthority(HOME, NOW)).key });
  expect(readCertified(file)).toBeUndefined();
});
