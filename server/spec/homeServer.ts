import { request } from 'node:https';
import type { RequestListener } from 'node:http';
import type { OfferPairingDto, Role } from '@keeper/contract/access';
import { HomeService } from '../home/home.service.js';
import type { Options } from '../options.js';
import { newId } from './events.js';
import { testServer } from './testServer.js';

export const PASSPHRASE = 'three carp in the margins';

/** A reader that is let see all that a reader can. */
const SEES_ALL = { whose: 'all', sizes: true, pictures: true } as const;

export interface Sent {
  readonly method?: string;
  readonly body?: object | undefined;
  readonly headers?: Record<string, string | undefined>;
  /** The session, as its cookie. */
  readonly cookie?: string | undefined;
}

export interface Answered {
  readonly status: number;
  readonly headers: NodeJS.Dict<string | string[]>;
  readonly text: string;
  readonly body: Record<string, unknown>;
}

/** A device that was let in. */
export interface LetIn {
  readonly cookie: string;
  readonly deviceId: string;
  readonly id: string;
}

/** A whole server with a passphrase, open to the home network over HTTPS, and asked from there. */
export async function homeServer(change: Partial<Options> = {}) {
  const server = await testServer(change);
  const home = server.app.get(HomeService);
  await home.begin(server.app.getHttpAdapter().getInstance() as RequestListener);
  await server.http.put('/api/access/passphrase').send({ next: PASSPHRASE }).expect(200);
  await server.http.put('/api/access/home').send({ on: true }).expect(200);
  const port = () => home.port();

  /** Asks over HTTPS, trusting the book's own authority and nobody else. */
  function ask(path: string, { method = 'GET', body, headers = {}, cookie }: Sent = {}): Promise<Answered> {
    const text = body === undefined ? undefined : JSON.stringify(body);
    const sent: Record<string, string | undefined> = {
      Origin: `https://127.0.0.1:${port()}`,
      ...(text !== undefined && {
        'Content-Type': 'application/json',
        'Content-Length': String(Buffer.byteLength(text)),
      }),
      ...(cookie !== undefined && { Cookie: cookie }),
      ...headers,
    };
    const given = Object.fromEntries(Object.entries(sent).filter(([, value]) => value !== undefined));
    return new Promise((resolve, reject) => {
      const asking = request(
        {
          host: '127.0.0.1',
          port: port(),
          path: `/api${path}`,
          method,
          headers: given as Record<string, string>,
          ca: home.authorityCertificate(),
          agent: false,
          // Whatever name is asked for: it is this machine that the certificate is held to.
          servername: 'localhost',
        },
        (answer) => {
          let got = '';
          answer.setEncoding('utf8').on('data', (piece: string) => (got += piece));
          answer.on('end', () => {
            const isJson = answer.headers['content-type']?.includes('json');
            resolve({
              status: answer.statusCode ?? 0,
              headers: answer.headers,
              text: got,
              body: isJson ? (JSON.parse(got) as Record<string, unknown>) : {},
            });
          });
        },
      );
      asking.on('error', reject).end(text);
    });
  }

  async function pair(role: Role, name = `A ${role}`, how: Partial<OfferPairingDto> = {}): Promise<LetIn> {
    const asked = { role, ...(role === 'reader' && { sees: SEES_ALL }), ...how };
    const offered = await server.http.post('/api/access/pairing').send(asked).expect(201);
    const { code } = offered.body as { code: string };
    const deviceId = newId();
    const answer = await ask('/access/devices', {
      method: 'POST',
      body: { code, name, deviceId },
    });
    return { cookie: cookieIn(answer), deviceId, id: String(answer.body['deviceRowId']) };
  }

  return { ...server, home, ask, pair, port };
}

/** The session that an answer gave. */
export function cookieIn({ headers }: Answered): string {
  return headers['set-cookie']?.[0]?.split(';')[0] ?? '';
}

export type HomeServer = Awaited<ReturnType<typeof homeServer>>;
