import { Worker } from 'node:worker_threads';
import { builtFile } from '../builtFile.js';

/** A check of the book beside the server's own work: what it found, a line each. */
export type CheckBook = (book: string) => Promise<string[]>;

/** Checks the book in a thread of its own. */
export const checkBookInThread: CheckBook = (book) =>
  new Promise((resolve, reject) => {
    const worker = new Worker(builtFile(import.meta.url, 'integrityWorker.js'), { workerData: book });
    worker.once('message', resolve);
    worker.once('error', reject);
  });
