import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createRng } from '@keeper/core/statistics/rng';
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
  /** Whether the server was still there, and its whole book could be carried away. */
  readonly endedWell: boolean;
  readonly said: string;
}

/** So many requests are under way at a time. */
const AT_A_TIME = 8;

/**
 * Sends drawn requests to a server with a book of its own. Every answer below 500 is a good one: whatever was asked, it
 * was understood or refused.
 */
export async function fuzz(root: string, seed: string, count: number): Promise<FuzzResult> {
  const folder = mkdtempSync(join(tmpdir(), 'keeper-fuzz-'));
  const server = await startServer(root, folder);
  try {
    const description = (await (await fetch(`${server.url}/api/openapi.json`)).json()) as ApiDescription;
    const requests = new StressRequests(description, createRng(`fuzz ${seed}`));
    const byStatus = new Map<number, number>();
    const failed: FuzzResult['failed'][number][] = [];
    let [sent, slowestMs, slowest] = [0, 0, ''];
    const sendOn = async () => {
      while (sent < count) {
        sent += 1;
        const request = requests.next();
        const began = performance.now();
        const { status, answer } = await send(server, request);
        const tookMs = performance.now() - began;
        if (tookMs > slowestMs) [slowestMs, slowest] = [tookMs, `${request.method} ${request.path.slice(0, 100)}`];
        byStatus.set(status, (byStatus.get(status) ?? 0) + 1);
        if (status >= 500 || status === 0) failed.push({ request, status, answer });
      }
    };
    await Promise.all(Array.from({ length: AT_A_TIME }, sendOn));
    const endedWell = await isWell(server);
    return {
      requests: sent,
      byStatus,
      failed,
      slowestMs,
      slowest,
      endedWell,
      peakMb: server.peakMb(),
      said: server.said(),
    };
  } finally {
    await server.end('SIGTERM');
    rmSync(folder, { recursive: true, force: true });
  }
}

async function send(
  { url }: StressedServer,
  { method, path, headers, body }: StressRequest,
): Promise<{ status: number; answer: string }> {
  try {
    const answer = await fetch(url + path, { method, headers, ...(body !== undefined && { body }) });
    return { status: answer.status, answer: (await answer.text()).slice(0, 300) };
  } catch (cause) {
    return { status: 0, answer: cause instanceof Error ? `${cause.message} ${String(cause.cause)}` : String(cause) };
  }
}

async function isWell({ url }: StressedServer): Promise<boolean> {
  const health = await fetch(`${url}/api/health`).catch(() => undefined);
  const csv = await fetch(`${url}/api/book.csv`).then((answer) => answer.text());
  const json: unknown = await fetch(`${url}/api/book.json`).then((answer) => answer.json());
  return health?.status === 200 && csv.endsWith('\r\n') && typeof json === 'object';
}
