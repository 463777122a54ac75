import { join } from 'node:path';
import config from '../jest.config.mjs';

/**
 * The tests of one folder alone, as `npm run mutate` runs them in a copy of the project: a room is to be held by its
 * own tests, not by those of rooms that happen to use it.
 */
const { projects, ...shared } = config;
const folder = process.env.MUTATED_ROOM;
const [project] = folder.split('/');
const room = projects.find(({ displayName }) => displayName === project);
export default {
  ...shared,
  ...room,
  rootDir: join(process.cwd(), project),
  testMatch: [join(process.cwd(), folder, '**/*.spec.{ts,tsx}')],
};
