import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { connect, type SecureVersion } from 'node:tls';
import { homeServer, type HomeServer } from '../spec/homeServer.js';
import { testServer } from '../spec/testServer.js';

let server: HomeServer;
beforeAll(async () => {
  server = await homeServer();
});
afterAll(() => server.close());

/** The protocol that both settle on; what went wrong where they do not. */
function shakeHands(version: SecureVersion, ciphers = 'DEFAULT@SECLEVEL=0'): Promise<string> {
  return new Promise((resolve) => {
    const socket = connect({
      port: server.port(),
      host: '127.0.0.1',
      ca: server.home.authorityCertificate(),
      minVersion: version,
      maxVersion: version,
      // An old client says what it has; whether that is taken is the server's word.
      ciphers,
    });
    socket.once('secureConnect', () => {
      resolve(String(socket.getProtocol()));
      socket.destroy();
    });
    socket.once('error', ({ message }) => resolve(message));
  });
}

test.each<[SecureVersion, boolean]>([
  ['TLSv1', false],
  ['TLSv1.1', false],
  ['TLSv1.2', true],
  ['TLSv1.3', true],
])('%s is spoken: %s', async (version, is) => {
  const said = await shakeHands(version);
  if (is) expect(said).toBe(version);
  else expect(said).not.toMatch(/^TLSv1/);
});

test.each([
  ['ECDHE-ECDSA-AES128-GCM-SHA256', true],
  ['ECDHE-ECDSA-CHACHA20-POLY1305', true],
  // Without authenticated encryption (CBC), and with a tag cut short.
  ['ECDHE-ECDSA-AES128-SHA256', false],
  ['ECDHE-ECDSA-AES128-CCM8', false],
])('over TLS 1.2 %s is taken: %s', async (cipher, is) => {
  expect(await shakeHands('TLSv1.2', cipher)).toMatch(is ? /^TLSv1\.2$/ : /handshake failure/i);
});

test('it is shut while there is no passphrase, and shut again when that is wanted', async () => {
  const without = await testServer();
  const wanted = await without.http.put('/api/access/home').send({ on: true }).expect(200);
  expect(wanted.body).toMatchObject({ wanted: true, isOpen: false });
  await without.close();
  expect(server.home.state()).toMatchObject({
    wanted: true,
    isOpen: true,
    certificate: 'own-authority',
    trouble: null,
  });
  await server.http.put('/api/access/home').send({ on: false }).expect(200);
  expect(server.home.state()).toMatchObject({ wanted: false, isOpen: false, urls: [] });
  await server.http.put('/api/access/home').send({ on: true }).expect(200);
  expect(server.home.state().isOpen).toBe(true);
});

test('opened again it shows the same authority; where that was damaged, another, and it says so', async () => {
  const file = join(server.dataFolder, 'home', 'authority.pem');
  const { fingerprint } = server.home.state();
  await server.home.want(false);
  await server.home.want(true);
  expect(server.home.state().fingerprint).toBe(fingerprint);
  writeFileSync(file, readFileSync(file, 'utf8').slice(0, 200));
  await server.home.want(false);
  await server.home.want(true);
  expect(server.home.state().fingerprint).not.toBe(fingerprint);
  expect(server.home.state().isOpen).toBe(true);
});

test('a port that is taken is said, and the book goes on for this machine', async () => {
  const taken = createServer();
  await new Promise<void>((resolve) => taken.listen(0, '0.0.0.0', resolve));
  const { port } = taken.address() as { port: number };
  const other = await homeServer({ homePort: port });
  expect(other.home.state()).toMatchObject({
    isOpen: false,
    trouble: expect.stringContaining(`port ${port} is taken`),
  });
  await other.http.get('/api/captures').expect(200);
  await other.close();
  await new Promise((resolve) => taken.close(resolve));
});

test('a certificate of the keeper’s own is shown where it is given; one that is missing is said', async () => {
  const files = { cert: join(server.dataFolder, 'own.crt'), key: join(server.dataFolder, 'own.key') };
  const [key = '', certificate = ''] = readFileSync(join(server.dataFolder, 'home', 'server.pem'), 'utf8').split(
    /(?=-----BEGIN CERT)/,
  );
  writeFileSync(files.cert, certificate);
  writeFileSync(files.key, key);
  const own = await homeServer({ certificate: files });
  expect(own.home.state()).toMatchObject({ isOpen: true, certificate: 'given', fingerprint: null });
  await own.http.get('/api/access/authority.crt').expect(404);
  await own.close();
  rmSync(files.key);
  const missing = await homeServer({ certificate: files });
  expect(missing.home.state()).toMatchObject({ isOpen: false, trouble: expect.stringContaining('own.key') });
  await missing.close();
});

test('behind a proxy only what came over HTTPS is answered, and nobody is taken for the machine', async () => {
  const behind = await testServer({ proxies: ['127.0.0.1', '::ffff:127.0.0.1'] });
  const asked = (headers: Record<string, string>) => behind.http.get('/api/captures').set(headers);
  expect((await asked({}).expect(403)).body).toMatchObject({ code: 'not-allowed' });
  expect((await asked({ 'X-Forwarded-Proto': 'http' }).expect(403)).body).toMatchObject({ code: 'not-allowed' });
  const sealed = { 'X-Forwarded-Proto': 'https', 'X-Forwarded-For': '192.168.1.30' };
  expect((await asked(sealed).expect(401)).body).toMatchObject({ code: 'not-let-in' });
  await behind.close();
  // A proxy that was not named is not believed.
  const other = await testServer({ proxies: ['192.0.2.1'] });
  expect((await other.http.get('/api/captures').set(sealed).expect(403)).body).toMatchObject({ code: 'not-allowed' });
  await other.close();
});
