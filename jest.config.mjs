import { fileURLToPath } from 'node:url';

const swc = (tsx, metadata) => [
  '@swc/jest',
  {
    swcrc: false,
    module: { type: 'commonjs' },
    sourceMaps: 'inline',
    jsc: {
      target: 'es2022',
      keepClassNames: true,
      parser: { syntax: 'typescript', tsx, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: metadata,
        useDefineForClassFields: false,
        ...(tsx && { react: { runtime: 'automatic' } }),
      },
    },
  },
];

const here = (file) => fileURLToPath(new URL(file, import.meta.url));

const room = (name, { browser = false, metadata = false, after = [] } = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`,
  testEnvironment: browser ? 'jsdom' : 'node',
  testMatch: ['<rootDir>/**/*.spec.{ts,tsx}'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  modulePathIgnorePatterns: ['<rootDir>/dist/'],
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  transform: {
    '^.+\\.ts$': swc(false, metadata),
    '^.+\\.tsx$': swc(true, false),
    '/node_modules/hucre/.+\\.mjs$': swc(false, false),
    '/node_modules/(age-encryption|@noble|@scure)/.+\\.js$': swc(false, false),
  },
  // They come as ES modules alone.
  transformIgnorePatterns: ['/node_modules/(?!hucre/|age-encryption/|@noble/|@scure/)'],
  setupFiles: browser ? [here('web/spec/browser.ts')] : [],
  setupFilesAfterEnv: after.map(here),
  testEnvironmentOptions: {
    customExportConditions: browser ? ['source', 'browser'] : ['source', 'node', 'node-addons'],
  },
});

export default {
  // No test asserts a time: a machine with other work to do may take as long as it needs.
  testTimeout: 60_000,
  projects: [
    room('core'),
    room('contract'),
    room('painter'),
    room('standins'),
    room('demo'),
    room('server', { metadata: true, after: ['server/spec/noUnhandledRejections.ts'] }),
    room('web', { browser: true }),
    room('stress'),
  ],
};
