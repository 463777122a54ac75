import { Worker } from 'node:worker_threads';
import { builtFile } from '../builtFile.js';
import type { DescriptorOrder, MadeDescriptor } from './descriptorOrder.js';

/** Longer than the slowest print takes on a small computer. */
const PRINT_DEADLINE_MS = 60_000;

/** A thread that makes prints, begun when the first is ordered. */
export class DescriptorThread {
  private worker: Worker | undefined;

  /**
   * A print; null where there is nothing to make one of; undefined when the thread failed or was not done in time: then
   * it is ended, and the next order gets a new one.
   */
  async make(order: DescriptorOrder): Promise<MadeDescriptor | null | undefined> {
    // An error that comes while nobody waits for a print ends the thread, and nothing else.
    this.worker ??= new Worker(builtFile(import.meta.url, 'descriptorWorker.js')).on('error', () => undefined);
    const made = await answerOf(this.worker, order);
    if (made === undefined) await this.end();
    return made;
  }

  async end(): Promise<void> {
    await this.worker?.terminate();
    this.worker = undefined;
  }
}

function answerOf(worker: Worker, order: DescriptorOrder): Promise<MadeDescriptor | null | undefined> {
  return new Promise((resolve) => {
    const over = (print?: MadeDescriptor | null) => {
      clearTimeout(late);
      worker.off('error', failed).off('exit', failed).off('message', answered);
      resolve(print);
    };
    const failed = () => over();
    const answered = ({ made }: { made: MadeDescriptor | null }) => over(made);
    const late = setTimeout(failed, PRINT_DEADLINE_MS);
    worker.once('error', failed).once('exit', failed).once('message', answered);
    worker.postMessage(order);
  });
}
