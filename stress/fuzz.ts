import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createRng } from '@keeper/core/statistics/rng';
import { HomeDoor, type Answered, type Sender } from './homeDoor.js';
import { StressRequests, type ApiDescription, type StressRequest } from './requests.js';
import { startServer, type StressedServer } from './stressedServer.js';

/** What came of a run. */
export interface FuzzResult {
  readonly requests: number;
  readonly byStatus: ReadonlyMap<number, number>;
  readonly failed: readonly { readonly request: StressRequest; readonly status: number; readonly answer: string }[];
  readonly slowestMs: number;
  readonly slowest: string;
  readonly peakMb: number | undefined;
  /** Answers that told a path of the machine, or where in the code something went wrong. */
  readonly leaks: readonly { readonly request: StressRequest; readonly found: string }[];
  /** Whether the server was still there, and its whole book could be carried away. */
  readonly endedWell: boolean;
  readonly said: string;
}

/** So many requests are under way at a time. */
const AT_A_TIME = 8;

/** A line of a stack. */
const STACK = /\n\s+at .+:\d+:\d+/;

/**
 * Sends drawn requests to a server with a book of its own, from the machine or as a device over HTTPS. Every answer
 * below 500 is a good one: whatever was asked, it was understood or refused.
 */
export async function fuzz(root: string, seed: string, count: number, sender: Sender = 'machine'): Promise<FuzzResult> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-fuzz-'));
  const server = await startServer(root, folder);
  let door: HomeDoor | undefined;
  try {
    if (sender !== 'machine') door = await HomeDoor.open(server, sender, count);
    const description = (await (await fetch(`${server.url}/api/openapi.json`)).json()) as ApiDescription;
    const requests = new StressRequests(description, createRng(`fuzz ${seed}`));
    const byStatus = new Map<number, number>();
    const failed: FuzzResult['failed'][number][] = [];
    const leaks: FuzzResult['leaks'][number][] = [];
    let [sent, slowestMs, slowest] = [0, 0, ''];
    const sendOn = async () => {
      while (sent < count) {
        sent += 1;
        const request = requests.next();
        const began = performance.now();
        const { status, text } = await send(server, door, request);
        const tookMs = performance.now() - began;
        if (tookMs > slowestMs) [slowestMs, slowest] = [tookMs, `${request.method} ${request.path.slice(0, 100)}`];
        byStatus.set(status, (byStatus.get(status) ?? 0) + 1);
        if (status >= 500 || status === 0) failed.push({ request, status, answer: text.slice(0, 300) });
        const found = [folder, root, STACK.exec(text)?.[0]].find((told) => told !== undefined && text.includes(told));
        if (found !== undefined) leaks.push({ request, found });
      }
    };
    await Promise.all(Array.from({ length: AT_A_TIME }, sendOn));
    const endedWell = await isWell(server);
    return {
      requests: sent,
      byStatus,
      failed,
      leaks,
      slowestMs,
      slowest,
      endedWell,
      peakMb: server.peakMb(),
      said: server.said(),
    };
  } finally {
    door?.close();
    await server.end('SIGTERM');
    rmSync(folder, { recursive: true, force: true });
  }
}

async function send({ url }: StressedServer, door: HomeDoor | undefined, request: StressRequest): Promise<Answered> {
  const { method, path, headers, body } = request;
  try {
    if (door) return await door.ask(request);
    const answer = await fetch(url + path, { method, headers, ...(body !== undefined && { body }) });
    return { status: answer.status, text: await answer.text() };
  } catch (cause) {
    return { status: 0, text: cause instanceof Error ? `${cause.message} ${String(cause.cause)}` : String(cause) };
  }
}

async function isWell({ url }: StressedServer): Promise<boolean> {
  const health = await fetch(`${url}/api/health`).catch(() => undefined);
  const csv = await fetch(`${url}/api/book.csv`).then((answer) => answer.text());
  const json: unknown = await fetch(`${url}/api/book.json`).then((answer) => answer.json());
  return health?.status === 200 && csv.endsWith('\r\n') && typeof json === 'object';
}
