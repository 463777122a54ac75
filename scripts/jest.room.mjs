import { join } from 'node:path';
import config from '../jest.config.mjs';

/**
 * The tests of one folder alone, as `npm run mutate` runs them in a copy of the project: a room of core is to be held by
 * its own tests, not by those of rooms that happen to use it. Elsewhere the tests of the whole package count: those of
 * the server ask it from outside.
 */
const { projects, ...shared } = config;
const folder = process.env.MUTATED_ROOM;
const [project] = folder.split('/');
const room = projects.find(({ displayName }) => displayName === project);
const own = project === 'core' ? folder : project;
export default {
  ...shared,
  ...room,
  rootDir: join(process.cwd(), project),
  testMatch: [join(process.cwd(), own, '**/*.spec.{ts,tsx}')],
};
