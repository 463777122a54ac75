import { fork, type ChildProcess } from 'node:child_process';
import { builtFile } from '../builtFile.js';
import { Semaphore } from '../semaphore.js';
import type { PictureAnswer, PictureJob } from './pictureJob.js';

/** So many pictures are read at a time: more would only take memory. */
const PROCESSES = 2;
/** Longer than the largest honest picture takes on a small computer. */
export const PICTURE_DEADLINE_MS = 30_000;
/** A process that has had nothing to do for so long is let go. */
const IDLE_MS = 30_000;

/** What starts a process that reads pictures, and how long one of them may take. */
export interface ReaderOptions {
  readonly deadlineMs: number;
  readonly start: () => ChildProcess;
}

const REAL: ReaderOptions = {
  deadlineMs: PICTURE_DEADLINE_MS,
  start: () =>
    fork(builtFile(import.meta.url, 'pictureProcess.js'), [], {
      serialization: 'advanced',
      execArgv: ['--max-old-space-size=256'],
      // Its complaints about a bad picture are answered, not printed.
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    }),
};

interface Resting {
  readonly child: ChildProcess;
  readonly leaves: NodeJS.Timeout;
}

/**
 * Reads pictures in processes of their own, each with a bound of memory and of time. One that goes beyond is ended, and
 * the next picture gets a new one: whatever a picture does, the server goes on.
 */
export class PictureReader {
  private readonly gate = new Semaphore(PROCESSES);
  private readonly resting: Resting[] = [];
  private readonly working = new Set<ChildProcess>();

  constructor(private readonly options: ReaderOptions = REAL) {}

  /** Reads one file. */
  read(file: string): Promise<PictureAnswer> {
    return this.gate.through(() => this.readAlone({ file }));
  }

  /** Ends every process. */
  close(): void {
    for (const { child, leaves } of this.resting.splice(0)) {
      clearTimeout(leaves);
      child.kill('SIGKILL');
    }
    for (const child of this.working) child.kill('SIGKILL');
  }

  private async readAlone(job: PictureJob): Promise<PictureAnswer> {
    const child = this.takeChild();
    this.working.add(child);
    const answer = await answerOf(child, job, this.options.deadlineMs).finally(() => this.working.delete(child));
    if (answer) {
      this.rest(child);
      return answer;
    }
    child.kill('SIGKILL');
    return { ok: false, problem: { why: 'overtaxes' } };
  }

  private takeChild(): ChildProcess {
    const resting = this.resting.pop();
    clearTimeout(resting?.leaves);
    if (resting?.child.connected) return resting.child;
    // An error that comes while it rests ends that process, and nothing else.
    return this.options.start().on('error', () => undefined);
  }

  private rest(child: ChildProcess): void {
    const leaves = setTimeout(() => {
      const at = this.resting.findIndex((each) => each.child === child);
      if (at >= 0) this.resting.splice(at, 1);
      child.kill();
    }, IDLE_MS);
    leaves.unref();
    this.resting.push({ child, leaves });
  }
}

/** What a process answers; undefined when it ended or was not done in time. */
function answerOf(child: ChildProcess, job: PictureJob, deadlineMs: number): Promise<PictureAnswer | undefined> {
  return new Promise((resolve) => {
    const over = (answer?: PictureAnswer) => {
      clearTimeout(late);
      child.off('error', failed).off('exit', failed).off('message', over);
      resolve(answer);
    };
    const failed = () => over();
    const late = setTimeout(failed, deadlineMs);
    child.once('error', failed).once('exit', failed).once('message', over);
    child.send(job, (notSent) => {
      if (notSent) over();
    });
  });
}
