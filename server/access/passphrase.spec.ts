import { COST, isPassphrase, keepPassphrase } from './passphrase.js';

/** Cheap enough for a test. */
const CHEAP = { logN: 10, r: 8, p: 1 };

test('what is kept tells nothing of it, and is another each time', async () => {
  const [one, other] = [await keepPassphrase('three carp', CHEAP), await keepPassphrase('three carp', CHEAP)];
  expect(one).toMatch(/^scrypt\$10\$8\$1\$[\w-]{22}\$[\w-]{43}$/);
  expect(one).not.toBe(other);
  expect(await isPassphrase('three carp', one)).toBe(true);
  expect(await isPassphrase('three carps', one)).toBe(false);
});

test('the same letters count however a keyboard puts them together', async () => {
  const kept = await keepPassphrase('H\u00e9ron', CHEAP);
  expect(await isPassphrase('He\u0301ron', kept)).toBe(true);
});

test('what was kept at another cost still holds', async () => {
  expect(await isPassphrase('three carp', await keepPassphrase('three carp', { logN: 9, r: 4, p: 2 }))).toBe(true);
});

// RFC 7914, section 12, the second vector: P="password", S="NaCl", N=1024, r=8, p=16, of which the first 32 bytes.
test('it is scrypt as RFC 7914 has it', async () => {
  const salt = Buffer.from('NaCl').toString('base64url');
  const hash = Buffer.from('fdbabe1c9d3472007856e7190d01e9fe7c6ad7cbc8237830e77376634b373162', 'hex').toString(
    'base64url',
  );
  expect(await isPassphrase('password', `scrypt$10$8$16$${salt}$${hash}`)).toBe(true);
});

test('a guess costs what OWASP advises: N = 2^17, r = 8, p = 1', () => {
  expect(COST).toEqual({ logN: 17, r: 8, p: 1 });
});
