import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));

/** The first byte of such a page (SQLite, Database File Format, 1.6). */
const LEAF_OF_TABLE = 0x0d;

/**
 * The built server in a process of its own, with a book that goes when the test is over. It can be killed and started
 * again.
 */
export class KeeperServer {
  private readonly dataFolder = mkdtempSync(join(tmpdir(), 'keeper-e2e-'));
  private process: ChildProcess | undefined;
  private port = '0';
  url = '';

  /** @param book a folder with a book to begin with a copy of; an empty one otherwise */
  constructor(book?: string) {
    if (book !== undefined) cpSync(book, this.dataFolder, { recursive: true });
  }

  async start(...more: string[]): Promise<void> {
    const main = join(root, 'server', 'dist', 'bundled', 'main.js');
    const args = [main, '--port', this.port, '--data', this.dataFolder, ...more];
    const process = spawn('node', args, { stdio: ['ignore', 'pipe', 'inherit'] });
    this.process = process;
    this.url = await new Promise((resolve, reject) => {
      process.stdout.on('data', (text: Buffer) => resolve(/http\S+/.exec(text.toString())?.[0] ?? ''));
      process.once('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
    });
    // Started again, it must be found where it was.
    this.port = new URL(this.url).port;
  }

  /** Ends it as a power cut would. */
  async kill(): Promise<void> {
    await this.end('SIGKILL');
  }

  /** Overwrites a page of the log in the book, as a failing disk would, after a stop that was none. */
  async damageBook(): Promise<void> {
    // Once ended, all of the log is in the book and not beside it.
    await this.end('SIGTERM');
    await this.start();
    await this.kill();
    const book = join(this.dataFolder, 'book.sqlite');
    // What stands in the log beside it is brought into it first, or it would mend the page.
    rmSync(`${book}-wal`, { force: true });
    const bytes = readFileSync(book);
    const page = 4096;
    // A leaf of the log: what is read to open the book at all is left whole.
    const pages = Array.from({ length: bytes.length / page }, (_, i) => bytes.subarray(i * page, (i + 1) * page));
    const ofLog = pages.findLast((each) => each[0] === LEAF_OF_TABLE && each.includes('described'));
    if (!ofLog) throw new Error('The book has no page of its log.');
    ofLog.fill(0x5a);
    writeFileSync(book, bytes);
  }

  async close(): Promise<void> {
    await this.end('SIGTERM');
    rmSync(this.dataFolder, { recursive: true, force: true });
  }

  /** Ends it, and keeps its book in another folder. */
  async closeInto(folder: string): Promise<void> {
    await this.end('SIGTERM');
    cpSync(this.dataFolder, folder, { recursive: true });
    await this.close();
  }

  /** Fills the book with the demo world and a few of its pictures. */
  async fillDemo(pictures: number): Promise<void> {
    return this.fill(['--pictures', `${pictures}`]);
  }

  /** Fills the demo book without pictures, and leaves some of them in a folder, as on a camera's card. */
  async leaveCard(folder: string, pictures: number): Promise<void> {
    return this.fill(['--pictures', '0', '--card', folder, '--cardPictures', `${pictures}`]);
  }

  private async fill(wishes: readonly string[]): Promise<void> {
    const filling = spawn('node', [join(root, 'demo', 'dist', 'fill.js'), '--url', this.url, ...wishes], {
      stdio: ['ignore', 'ignore', 'inherit'],
    });
    const code = await new Promise((resolve) => filling.once('exit', resolve));
    if (code !== 0) throw new Error('The demo book could not be filled.');
  }

  private async end(signal: NodeJS.Signals): Promise<void> {
    const process = this.process;
    this.process = undefined;
    if (!process || process.exitCode !== null) return;
    const gone = new Promise((resolve) => process.once('exit', resolve));
    process.kill(signal);
    await gone;
  }
}
