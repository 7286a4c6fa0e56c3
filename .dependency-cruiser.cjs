const TESTS = '\\.test\\.tsx?$|/testing/';

/** The folders of the core, each above all before it: no arrow climbs. */
const CORE = [
  ['time'],
  ['steps'],
  ['catalogue'],
  ['measures'],
  ['heat'],
  ['doneness', 'taste'],
  ['formula', 'diners'],
  ['arrange'],
  ['pot', 'evening'],
  ['program', 'cautions', 'shopping'],
  ['simmer'],
  ['prep'],
  ['planEvening'],
  ['live', 'formats'],
  ['rehearsal'],
];

/** What a folder may not know: its neighbours, and what lies above it. */
const noClimbing = CORE.flatMap((level, at) =>
  level.map((folder) => {
    const below = CORE.slice(0, at).flat();
    return {
      name: `core-${folder}-knows-only-what-lies-below`,
      severity: 'error',
      from: { path: `^core/${folder}/`, pathNot: TESTS },
      to: { path: '^core/', pathNot: `^core/(${[folder, ...below].join('|')})/` },
    };
  }),
);

/** What every feature of the application may use of another: the evening that is open, and its log. */
const SHARED = ['evening', 'live'];
/** The other compositions, each named: what a feature puts together of others. */
const COMPOSED = {
  after: ['evenings', 'pantry', 'photo'],
  broth: ['devices', 'timers'],
  build: ['photo'],
  choose: ['housePots'],
  evenings: ['photo', 'settings'],
  food: ['who'],
  pot: ['build', 'choose', 'food', 'housePots'],
  rehearsal: ['stove'],
  shell: ['settings', 'simmer', 'timers'],
  shopping: ['pantry'],
  stove: ['devices', 'prep', 'simmer', 'timers'],
  who: ['choose', 'evenings'],
};
const FEATURES = '^app/features/([^/]+)/';

const composedOnly = [
  {
    name: 'what-is-shared-knows-no-feature',
    severity: 'error',
    from: { path: `^app/features/(${SHARED.join('|')})/`, pathNot: TESTS },
    to: { path: FEATURES, pathNot: `^app/features/(${SHARED.join('|')})/` },
  },
  ...Object.entries(COMPOSED).map(([feature, others]) => ({
    name: `${feature}-is-composed-of-what-it-names`,
    severity: 'error',
    from: { path: `^app/features/${feature}/`, pathNot: TESTS },
    to: { path: FEATURES, pathNot: `^app/features/(${[feature, ...SHARED, ...others].join('|')})/` },
  })),
  {
    name: 'features-are-apart',
    comment: 'A new composition is named above.',
    severity: 'error',
    from: { path: FEATURES, pathNot: `${TESTS}|^app/features/(${[...SHARED, ...Object.keys(COMPOSED)].join('|')})/` },
    to: { path: FEATURES, pathNot: `^app/features/($1|${SHARED.join('|')})/` },
  },
];

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: 'contract-imports-nobody',
      severity: 'error',
      from: { path: '^contract/' },
      to: { path: '^(core|server|app|bench|e2e)/' },
    },
    {
      name: 'core-imports-contract-only',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(server|app|bench|e2e)/' },
    },
    {
      name: 'core-has-no-interface-and-no-io',
      comment: 'The computation runs the same in a worker, on the server and on the command line.',
      severity: 'error',
      from: { path: '^(core|contract)/', pathNot: TESTS },
      to: {
        dependencyTypes: ['core', 'npm', 'npm-dev', 'npm-peer', 'npm-no-pkg', 'npm-unknown'],
        // What only turns text into text for the open formats, compares, or hashes.
        pathNot:
          '(^|node_modules/)(zod|fast-deep-equal|fastest-levenshtein|imurmurhash|@noble/hashes|safe-stable-stringify|@elixa|papaparse|ical-generator|ical\\.js)(/|$)',
      },
    },
    ...noClimbing,
    ...composedOnly,
    {
      name: 'state-knows-no-feature',
      severity: 'error',
      from: { path: '^app/state/', pathNot: TESTS },
      to: { path: '^app/(features|app)/' },
    },
    {
      name: 'core-lies-in-folders-that-have-a-place',
      comment: 'A new folder of the core is given its level above.',
      severity: 'error',
      from: {},
      to: { path: '^core/[^/]+/', pathNot: `^core/(${[...CORE.flat(), 'testing', 'node_modules'].join('|')})/` },
    },
    {
      name: 'data-knows-no-solver',
      severity: 'error',
      from: { path: '^core/catalogue/', pathNot: TESTS },
      to: { path: '^core/', pathNot: '^core/catalogue/' },
    },
    {
      name: 'physics-lies-below-planning',
      severity: 'error',
      from: { path: '^core/heat/', pathNot: TESTS },
      to: { path: '^core/', pathNot: '^core/(heat|catalogue|measures)/' },
    },
    {
      name: 'a-pot-lies-below-any-plan',
      comment: 'What is cooked, planned, done or tried goes through one pot, which knows none of them.',
      severity: 'error',
      from: { path: '^core/pot/', pathNot: TESTS },
      to: { path: '^core/', pathNot: '^core/(pot|arrange|catalogue|doneness|heat|measures)/' },
    },
    {
      name: 'a-program-lies-below-its-planner',
      severity: 'error',
      from: { path: '^core/program/', pathNot: TESTS },
      to: { path: '^core/', pathNot: '^core/(program|pot|catalogue|measures)/' },
    },
    {
      name: 'geometry-lies-below-the-evening',
      severity: 'error',
      from: { path: '^core/arrange/', pathNot: TESTS },
      to: { path: '^core/', pathNot: '^core/(arrange|catalogue|measures|diners)/' },
    },
    {
      name: 'a-liquid-knows-no-guests',
      severity: 'error',
      from: { path: '^core/(formula|taste)/', pathNot: TESTS },
      to: { path: '^core/', pathNot: '^core/(formula|taste|heat|catalogue|measures|time)/' },
    },
    {
      name: 'server-and-app-are-apart',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^(app|bench|e2e)/' },
    },
    {
      name: 'app-and-server-are-apart',
      severity: 'error',
      from: { path: '^app/' },
      to: { path: '^(server|bench|e2e)/' },
    },
    {
      name: 'server-layers',
      comment: 'routes → services → store; no route reads the store by itself.',
      severity: 'error',
      from: { path: '^server/routes/' },
      to: { path: '^server/store/' },
    },
    {
      name: 'store-knows-no-service',
      severity: 'error',
      from: { path: '^server/store/' },
      to: { path: '^server/(routes|services|http)/' },
    },
    {
      name: 'services-know-no-http',
      comment: 'What the kitchen keeps can be asked for in another way than over HTTP.',
      severity: 'error',
      from: { path: '^server/(services|workers|store)/' },
      to: { path: '^server/(routes|http)/|(^|node_modules/)(@types/)?express(-|/|$)' },
    },
    {
      name: 'only-the-store-knows-its-database',
      severity: 'error',
      from: { path: '^server/', pathNot: `${TESTS}|^server/store/` },
      to: { path: '(^|node_modules/)(drizzle-orm|@electric-sql|pg)(/|$)' },
    },
    {
      name: 'ui-knows-no-feature',
      severity: 'error',
      from: { path: '^app/ui/' },
      to: { path: '^app/(features|app|state)/' },
    },
    {
      name: 'no-test-helpers-in-the-product',
      severity: 'error',
      from: { pathNot: `${TESTS}|^(bench|e2e)/` },
      to: { path: '/testing/' },
    },
    { name: 'no-unknown-arrows', severity: 'error', from: {}, to: { couldNotResolve: true } },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|\\.expo|results|public)/' },
    tsPreCompilationDeps: true,
    // The alias of the app needs a base that the app's own tsconfig does not state.
    tsConfig: { fileName: `${__dirname}/tsconfig.boundaries.json` },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
};
