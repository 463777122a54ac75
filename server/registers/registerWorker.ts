import { readFileSync } from 'node:fs';
import { parentPort, workerData } from 'node:worker_threads';
import { readRegister } from '@keeper/core/formats/registerJson';

parentPort?.postMessage(readRegister(readFileSync(workerData as string, 'utf8')));
