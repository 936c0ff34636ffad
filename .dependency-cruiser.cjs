/* The arrows of docs/architecture.md, as rules. In the core a room imports only rooms above it. */
const rooms = [
  'vocabulary',
  'quantity',
  'search',
  'statistics',
  'catalogue',
  'family',
  'kitchen',
  'read',
  'process',
  'guard',
  'formula',
  'exchange',
  'blend',
  'cupboard',
  'balance',
  'method',
  'texture',
  'heat',
  'words',
  'docket',
  'larder',
  'clock',
  'log',
  'taste',
  'next',
];
const upwards = rooms.map((room, index) => ({
  name: `room-${room}`,
  comment: `core/${room} imports only rooms above it`,
  severity: 'error',
  from: { path: `^core/src/${room}/` },
  to: {
    path: rooms
      .slice(index + 1)
      .map((below) => `^core/src/${below}/`)
      .concat('^(contracts|server|web|cli|e2e)/'),
  },
}));

/** The floors of the page, from the ground up; what stands on one knows nothing of those above it. */
const WEB_FLOORS = [
  ['base', 'api', 'words', 'offline'],
  ['ui'],
  ['state'],
  ['docket', 'intake', 'kitchen', 'labels', 'bakeday', 'baked'],
  [
    'flours',
    'settings',
    'cupboard',
    'devices',
    'goods',
    'jars',
    'kept',
    'ovens',
    'learning',
    'people',
    'practice',
    'day',
    'run',
    'shop',
    'stages',
  ],
  ['app'],
];
const webFloor = (names) => `^web/src/(${names.join('|')})/`;
const FEATURE =
  '^web/src/(stages/[^/]+|flours|settings|cupboard|devices|goods|jars|kept|ovens|learning|people|practice|day|run|shop)/';

const pageUpwards = WEB_FLOORS.slice(0, -1).map((names, at) => ({
  name: `floor-of-the-page-${names.join('-')}`,
  severity: 'error',
  from: { path: webFloor(names) },
  to: { path: webFloor(WEB_FLOORS.slice(at + 1).flat()) },
}));

module.exports = {
  forbidden: [
    ...upwards,
    ...pageUpwards,
    {
      name: 'no-feature-imports-another',
      comment: 'what several show stands on the floor below them',
      severity: 'error',
      from: { path: FEATURE },
      to: { path: FEATURE, pathNot: '^web/src/$1/' },
    },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'front-door-of-a-room',
      comment: 'nobody reaches past the index.ts of a room of the core',
      severity: 'error',
      from: { path: '^(core/src/([^/]+)|contracts|server|web|cli|bench)/' },
      to: { path: '^core/src/([^/]+)/(?!index\\.ts$)', pathNot: '^core/src/$2/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/src', pathNot: '(\\.test|/testing|/cases/labelled)\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'contracts',
      severity: 'error',
      from: { path: '^contracts/' },
      to: { path: '^(server|web|cli|e2e)/' },
    },
    { name: 'server', severity: 'error', from: { path: '^server/' }, to: { path: '^(web|cli|e2e)/' } },
    { name: 'web', severity: 'error', from: { path: '^web/' }, to: { path: '^(server|cli|e2e)/' } },
    { name: 'cli', severity: 'error', from: { path: '^cli/' }, to: { path: '^(server|web|contracts|e2e)/' } },
    {
      name: 'only-stores-touch-sql',
      severity: 'error',
      from: { path: '^server/src', pathNot: '(/db/|Store\\.ts$|\\.test\\.ts$|/testing/)' },
      to: { path: 'node_modules/(knex|pg)/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'no-orphans',
      severity: 'error',
      // What only the test runner's settings name has no other way in.
      from: { orphan: true, path: '/src/', pathNot: '\\.(test|d)\\.m?tsx?$|testing/picture\\.ts$' },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(/dist/|\\.cache)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.cjs'],
    },
  },
};
