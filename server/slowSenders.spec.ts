import { connect, type Socket } from 'node:net';
import { createServer, type Server } from 'node:http';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { BODY_LOOK_MS, cutOffSlowSenders, LEAST_BYTES_A_LOOK, type Repeater } from './slowSenders.js';

/** Looks when it is told to. */
class HandTurned implements Repeater {
  readonly looks = new Set<() => void>();

  every(ms: number, work: () => void): { stop(): void } {
    expect(ms).toBe(BODY_LOOK_MS);
    this.looks.add(work);
    return { stop: () => this.looks.delete(work) };
  }

  look(): void {
    for (const work of [...this.looks]) work();
  }
}

let server: Server;
let time: HandTurned;
let received: number;
beforeEach(async () => {
  time = new HandTurned();
  received = 0;
  server = createServer((request, response) => {
    request.on('data', (piece: Buffer) => (received += piece.length));
    request.on('end', () => response.end('taken'));
  });
  cutOffSlowSenders(server, time);
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
});
afterEach(() => {
  server.closeAllConnections();
  server.close();
});

async function send(head: string): Promise<Socket> {
  const socket = connect((server.address() as AddressInfo).port, '127.0.0.1');
  socket.on('error', () => undefined);
  await once(socket, 'connect');
  socket.write(head);
  await once(server, 'request');
  return socket;
}

/** Sends so many bytes and waits until they are there. */
async function sendBytes(socket: Socket, bytes: number): Promise<void> {
  const wanted = received + bytes;
  socket.write('x'.repeat(bytes));
  while (received < wanted) await new Promise((resolve) => setImmediate(resolve));
}

const HEAD = 'POST /api/pictures HTTP/1.1\r\nHost: localhost\r\nContent-Length: 1000000\r\n\r\n';

test('a body that goes on coming is waited for, however long it takes; one that hardly comes is cut off', async () => {
  const socket = await send(HEAD);
  for (let look = 0; look < 5; look += 1) {
    await sendBytes(socket, LEAST_BYTES_A_LOOK);
    time.look();
    expect(socket.destroyed).toBe(false);
  }
  const closed = once(socket, 'close');
  await sendBytes(socket, LEAST_BYTES_A_LOOK - 1);
  time.look();
  await closed;
  expect(time.looks.size).toBe(0);
});

test('a body that has come is not watched any more, nor a request without one', async () => {
  const socket = await send('POST / HTTP/1.1\r\nHost: localhost\r\nContent-Length: 4\r\n\r\nfish');
  const [answer] = (await once(socket, 'data')) as [Buffer];
  expect(answer.toString()).toContain('taken');
  expect(time.looks.size).toBe(0);
  socket.write('GET / HTTP/1.1\r\nHost: localhost\r\n\r\n');
  await once(socket, 'data');
  expect(time.looks.size).toBe(0);
});
