/** What each room may import. Everything not named here is refused. */
const may = {
  core: { rooms: [], packages: ['papaparse', 'suncalc', 'uuid'] },
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
const all = Object.keys(may);
const code = (room) => `^${room}/(?!node_modules/)`;

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'nothing-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true, pathNot: '^virtual:' } },
    ...Object.entries(may).map(([room, { rooms }]) => ({
      name: `${room}-imports-${rooms.join('-and-') || 'no-other-room'}`,
      severity: 'error',
      from: { path: code(room) },
      to: { path: all.filter((each) => each !== room && !rooms.includes(each)).map((each) => `^${each}/`) },
    })),
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
