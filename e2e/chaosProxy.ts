import { createServer, request, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { KeeperServer } from './keeperServer.js';

/** How the way to the server misbehaves. */
export type Trouble = 'none' | 'slow' | 'doubled' | 'answer-lost' | 'refused';

/** Stands between browser and server, and does to what is sent what bad networks do. */
export class ChaosProxy {
  trouble: Trouble = 'none';
  url = '';
  private readonly proxy: Server;

  constructor(
    private readonly server: KeeperServer,
    private readonly slowMs: () => number,
  ) {
    this.proxy = createServer((asked, answer) => void this.pass(asked, answer));
  }

  async start(): Promise<void> {
    await new Promise<void>((resolve) => this.proxy.listen(0, '127.0.0.1', resolve));
    this.url = `http://127.0.0.1:${(this.proxy.address() as AddressInfo).port}`;
  }

  close(): Promise<void> {
    this.proxy.closeAllConnections();
    return new Promise((resolve) => this.proxy.close(() => resolve()));
  }

  private async pass(asked: IncomingMessage, answer: ServerResponse): Promise<void> {
    const parts: Buffer[] = [];
    for await (const part of asked) parts.push(part as Buffer);
    const body = Buffer.concat(parts);
    const sends = asked.method === 'POST' || asked.method === 'PUT';
    const trouble = sends ? this.trouble : 'none';
    if (this.trouble === 'refused') return void asked.socket.destroy();
    if (trouble === 'slow') await new Promise((resolve) => setTimeout(resolve, this.slowMs()));
    try {
      // The same thing sent twice must be in the book once.
      if (trouble === 'doubled') await this.forward(asked, body);
      const came = await this.forward(asked, body);
      if (trouble === 'answer-lost') return void asked.socket.destroy();
      answer.writeHead(came.status, came.headers);
      answer.end(came.body);
    } catch {
      asked.socket.destroy();
    }
  }

  private forward(asked: IncomingMessage, body: Buffer) {
    const { hostname, port } = new URL(this.server.url);
    const { method, url: path, headers } = asked;
    return new Promise<{ status: number; headers: IncomingMessage['headers']; body: Buffer }>((resolve, reject) => {
      const sent = request({ hostname, port, method, path, headers }, (came) => {
        const parts: Buffer[] = [];
        came.on('data', (part: Buffer) => parts.push(part));
        came.on('end', () =>
          resolve({ status: came.statusCode ?? 502, headers: came.headers, body: Buffer.concat(parts) }),
        );
        came.on('error', reject);
      });
      sent.on('error', reject);
      sent.end(body);
    });
  }
}
