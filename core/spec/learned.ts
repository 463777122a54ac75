import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readLearned } from '../recognition/learned/learnedModels.js';

/** What was learned, as tests read it. */
export const LEARNED = readLearned(readFileSync(join(__dirname, '../recognition/learned/learned.bin')));
