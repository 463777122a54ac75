import type { IncomingMessage, Server } from 'node:http';
import type { Socket } from 'node:net';

/** A request whose head has not come in this time is cut off. */
export const HEAD_WITHIN_MS = 15_000;
/** A body is looked at so often, and cut off where less has come since than a bad line on a bank would bring. */
export const BODY_LOOK_MS = 20_000;
export const LEAST_BYTES_A_LOOK = 2 * 1024;

/** What of time a watch needs; handed in, so that it can be tested without waiting. */
export interface Repeater {
  every(ms: number, work: () => void): { stop(): void };
}

export const realTime: Repeater = {
  every: (ms, work) => {
    const timer = setInterval(work, ms);
    timer.unref();
    return { stop: () => clearInterval(timer) };
  },
};

/**
 * Watches the bodies that come in to a server; whoever sends almost nothing for long is cut off. Heads are watched by
 * Node.js itself.
 */
export function cutOffSlowSenders(server: Server, time: Repeater = realTime): void {
  server.on('request', (request: IncomingMessage) => {
    if (request.headers['transfer-encoding'] === undefined && !Number(request.headers['content-length'])) return;
    watchBody(request, request.socket, time);
  });
}

function watchBody(request: IncomingMessage, socket: Socket, time: Repeater): void {
  let seen = socket.bytesRead;
  const looking = time.every(BODY_LOOK_MS, () => {
    // Nobody reads: whoever sends is waiting for us.
    if (request.isPaused()) return;
    if (socket.bytesRead - seen < LEAST_BYTES_A_LOOK) socket.destroy();
    seen = socket.bytesRead;
  });
  const over = () => looking.stop();
  request.once('end', over);
  request.once('close', over);
}
