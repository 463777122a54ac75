import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** The built server in a process of its own, as a keeper runs it. */
export interface StressedServer {
  readonly url: string;
  readonly process: ChildProcess;
  /** The most memory that it ever had, in MB; undefined where the system does not say. */
  peakMb(): number | undefined;
  /** What it said of errors. */
  said(): string;
  end(signal: NodeJS.Signals): Promise<void>;
}

export interface HowToStart {
  /** Words before the command, such as those that put it into another namespace. */
  readonly before?: readonly string[];
  readonly nodeOptions?: readonly string[];
  readonly env?: Readonly<Record<string, string>>;
}

/** Starts the server; rejects with what it said when it does not come up. */
export async function startServer(root: string, folder: string, how: HowToStart = {}): Promise<StressedServer> {
  const main = join(root, 'server', 'dist', 'bundled', 'main.js');
  const words = [
    ...(how.before ?? []),
    process.execPath,
    ...(how.nodeOptions ?? []),
    ...[main, '--port', '0', '--data', folder],
  ];
  const [command = '', ...args] = words;
  const child = spawn(command, args, { env: { ...process.env, ...how.env }, stdio: ['ignore', 'pipe', 'pipe'] });
  let said = '';
  child.stderr.on('data', (text: Buffer) => (said += text.toString()));
  const url = await new Promise<string>((resolve, reject) => {
    child.stdout.on('data', (text: Buffer) => {
      const found = /http\S+/.exec(text.toString())?.[0];
      if (found) resolve(found);
    });
    child.once('exit', () => reject(new Error(said)));
  });
  return {
    url,
    process: child,
    said: () => said,
    peakMb: () => {
      try {
        const kb = /VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid ?? 0}/status`, 'utf8'))?.[1];
        return kb === undefined ? undefined : Number(kb) / 1024;
      } catch {
        return undefined;
      }
    },
    end: async (signal) => {
      if (child.exitCode !== null || child.signalCode !== null) return;
      const gone = new Promise((resolve) => child.once('exit', resolve));
      child.kill(signal);
      await gone;
    },
  };
}
