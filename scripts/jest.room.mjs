import { join } from 'node:path';
import config from '../jest.config.mjs';

/** The tests of one room alone, as `npm run mutate` runs them in a copy of the project. */
const { projects, ...shared } = config;
const room = projects.find(({ displayName }) => displayName === process.env.MUTATED_ROOM);
export default { ...shared, ...room, rootDir: join(process.cwd(), room.displayName) };
