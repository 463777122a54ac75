import { randomUUID } from 'node:crypto';
import { Agent, request } from 'node:https';
import type { StressRequest } from './requests.js';
import type { StressedServer } from './stressedServer.js';

/** Who a run is sent as: the machine itself over loopback, or a device over HTTPS; `nobody` was not let in. */
export const SENDERS = ['machine', 'keeper', 'helper', 'reader', 'nobody'] as const;
export type Sender = (typeof SENDERS)[number];

export interface Answered {
  readonly status: number;
  readonly text: string;
}

/** A device may ask so often in a minute; another one takes over before that. */
const TURNS_OF_DEVICE = 1000;
const PASSPHRASE = 'three carp in the margins';
const READER_SEES = { whose: 'all', sizes: true, pictures: true };

/** The door of a server to the home network, asked by devices of one role over HTTPS. */
export class HomeDoor {
  /** Sessions that were not used up yet; let in first, as what is drawn guesses at the passphrase, and is slowed. */
  private readonly sessions: string[] = [];
  private turns = 0;

  private constructor(
    private readonly server: StressedServer,
    private readonly port: string,
    private readonly agent: Agent,
  ) {}

  /** Sets a passphrase, opens the book to the home network, and trusts the authority that the book made. */
  static async open(server: StressedServer, sender: Exclude<Sender, 'machine'>, count: number): Promise<HomeDoor> {
    await put(server, '/api/access/passphrase', { next: PASSPHRASE });
    await put(server, '/api/access/home', { on: true });
    const home = (await (await fetch(`${server.url}/api/access/home`)).json()) as { urls: readonly string[] };
    const ca = await (await fetch(`${server.url}/api/access/authority.crt`)).text();
    const { port } = new URL(home.urls[0] ?? 'https://localhost');
    const door = new HomeDoor(server, port, new Agent({ ca, keepAlive: true, maxSockets: 8 }));
    if (sender !== 'nobody')
      for (let i = 0; i <= count / TURNS_OF_DEVICE; i += 1) door.sessions.push(await door.pair(sender));
    return door;
  }

  /** Asks as the sender, from one device after the other. */
  ask(asked: StressRequest): Promise<Answered> {
    this.turns += 1;
    if (this.turns % TURNS_OF_DEVICE === 0) this.sessions.shift();
    // Who leaves is nobody: the others still have much to ask.
    const leaves = asked.method === 'DELETE' && asked.path.startsWith('/api/access/session');
    return this.send(asked, leaves ? undefined : this.sessions[0]);
  }

  close(): void {
    this.agent.destroy();
  }

  private async pair(role: 'keeper' | 'helper' | 'reader'): Promise<string> {
    const wanted = { role, ...(role === 'reader' && { sees: READER_SEES }) };
    const offered = await fetch(`${this.server.url}/api/access/pairing`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(wanted),
    });
    const { code } = (await offered.json()) as { code: string };
    const device = { code, name: `A ${role}`, deviceId: randomUUID() };
    const body = JSON.stringify(device);
    const headers = { 'content-type': 'application/json' };
    const { cookie, text } = await this.send({ method: 'POST', path: '/api/access/devices', headers, body }, undefined);
    if (cookie === undefined) throw new Error(`A ${role} was not let in: ${text}`);
    return cookie;
  }

  private async send(
    { method, path, headers, body }: StressRequest,
    cookie: string | undefined,
  ): Promise<Answered & { readonly cookie: string | undefined }> {
    // A form is put into bytes as a browser does it.
    const packed = body === undefined ? undefined : new Response(body);
    const bytes = packed && Buffer.from(await packed.arrayBuffer());
    const type = body instanceof FormData ? packed?.headers.get('content-type') : undefined;
    return new Promise((resolve, reject) => {
      const asking = request(
        {
          host: '127.0.0.1',
          port: this.port,
          path,
          method,
          agent: this.agent,
          servername: 'localhost',
          headers: {
            origin: `https://127.0.0.1:${this.port}`,
            ...headers,
            ...(type && { 'content-type': type }),
            ...(bytes && { 'content-length': bytes.length }),
            ...(cookie !== undefined && { cookie }),
          },
        },
        (answer) => {
          let text = '';
          answer.setEncoding('utf8').on('data', (piece: string) => (text += piece));
          answer.on('end', () => {
            const given = answer.headers['set-cookie']?.[0]?.split(';')[0];
            resolve({ status: answer.statusCode ?? 0, text, cookie: given });
          });
          answer.on('error', reject);
        },
      );
      asking.on('error', reject).end(bytes);
    });
  }
}

async function put({ url }: StressedServer, path: string, body: object): Promise<void> {
  const headers = { 'content-type': 'application/json' };
  const answer = await fetch(url + path, { method: 'PUT', headers, body: JSON.stringify(body) });
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
}
