import { parentPort, workerData } from 'node:worker_threads';
import { findDamage } from './integrity.js';

parentPort?.postMessage(findDamage(workerData as string));
