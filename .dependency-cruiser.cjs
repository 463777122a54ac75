/** What each room may import. Everything not named here is refused. */
const may = {
  core: { rooms: [], packages: ['fast-xml-parser', 'papaparse', 'suncalc', 'uuid'] },
  contract: { rooms: ['core'] },
  painter: { rooms: ['core'], packages: [] },
  standins: { rooms: ['core', 'painter'], packages: [] },
  demo: { rooms: ['core', 'contract', 'painter'] },
  server: { rooms: ['core', 'contract', 'standins'] },
  web: { rooms: ['core', 'contract', 'standins'] },
  e2e: { rooms: ['core', 'contract'] },
  stress: { rooms: ['core'] },
  bench: { rooms: ['core', 'contract', 'painter', 'server', 'standins'] },
};

/**
 * The floors of core, from the ground up: a folder imports from itself and from the floors below it, never from a
 * neighbour or from above.
 */
const floors = [
  ['measure'],
  ['statistics', 'geometry'],
  ['image'],
  ['domain/fish'],
  ['domain/practice'],
  ['domain/water', 'domain/kit'],
  ['domain/meeting'],
  ['domain/capture'],
  ['domain/outing', 'domain/identity'],
  ['weather', 'biometry', 'pictures'],
  ['weighing', 'care', 'recognition'],
  ['bank', 'meetings'],
  ['planning', 'rehearse', 'findings'],
  ['formats', 'sheet'],
  ['find'],
  ['text'],
];
/** What tests share stands beside the floors. */
const besideFloors = ['spec'];

const all = Object.keys(may);
const code = (room) => `^${room}/(?!node_modules/)`;

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      comment: 'Types may tell of each other, as a rule and its vocabulary do; code may not.',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^virtual:|[?]url$' },
    },
    ...Object.entries(may).map(([room, { rooms }]) => ({
      name: `${room}-imports-${rooms.join('-and-') || 'no-other-room'}`,
      severity: 'error',
      from: { path: code(room) },
      to: { path: all.filter((each) => each !== room && !rooms.includes(each)).map((each) => `^${each}/`) },
    })),
    ...floors.flatMap((folders, floor) =>
      folders.map((folder) => ({
        name: `core-${folder.replace('/', '-')}-imports-only-what-is-below`,
        severity: 'error',
        from: { path: `^core/${folder}/`, pathNot: '\\.spec\\.ts$' },
        to: {
          path: '^core/',
          pathNot: [folder, ...floors.slice(0, floor).flat()].map((each) => `^core/${each}/`),
        },
      })),
    ),
    {
      name: 'core-stands-on-floors',
      comment: 'A folder of core that is on no floor has no place in the house.',
      severity: 'error',
      from: { path: '^core/', pathNot: [...floors.flat(), ...besideFloors].map((each) => `^core/${each}/`) },
      to: {},
    },
    ...Object.entries(may)
      .filter(([, { packages }]) => packages)
      .map(([room, { packages }]) => ({
        name: `${room}-is-pure`,
        comment: 'No DOM, no Node.js built-ins, no framework: only the pure libraries named above.',
        severity: 'error',
        from: { path: code(room), pathNot: '(\\.spec\\.ts$|/spec/)' },
        to: {
          dependencyTypesNot: ['local', 'aliased-workspace', 'localmodule'],
          pathNot: [`node_modules/(${[...packages, '@keeper/[a-z]+'].join('|')})/`, ...all.map((each) => `^${each}/`)],
        },
      })),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.cjs', '.json', '.d.ts'],
    },
  },
};
