/**
 * Who may import whom: the one home of the project's import rules, types included.
 * `bin/check` runs it over the whole tree; tests/architecture tries it on a folder that breaks each rule.
 */

/** The floors of core/, from the ground: a folder imports its own floor and those below, never one above. */
const FLOORS = [
  ['message', 'numeric', 'units', 'sources'],
  ['terms'],
  ['rule'],
  ['knowledge'],
  ['water', 'light', 'motion', 'season', 'tackle', 'reading'],
  ['lure'],
  ['ask', 'course'],
  ['evidence', 'match'],
  ['tell'],
  ['rotation', 'logbook', 'pack', 'catalogue', 'bench', 'palette', 'calc'],
  ['files'],
]

/** Packages that core/ may lean on, and where: small, pure, or mathematics. */
const PACKAGES = {
  'zod': ['files', 'calc'],
  'papaparse': ['files'],
  'd3-time-format': ['files'],
  'fast-xml-parser': ['files'],
  'dequal': ['files', 'tackle', 'bench'],
  'ml-kmeans': ['palette'],
  'd3-color': ['palette', 'light'],
  'd3-array': ['.*'],
  'fraction.js': ['units'],
  'astronomy-engine': ['light'],
  'jstat': ['rotation', 'evidence', 'numeric'],
  'highs': ['pack'],
  'crc-32': ['numeric'],
}

const TEST = '\\.test\\.ts$'
const floorRules = FLOORS.slice(0, -1).map((folders, i) => ({
  name: `floor-${folders.join('-')}-looks-up`,
  severity: 'error',
  from: { path: `^core/(${folders.join('|')})/`, pathNot: TEST },
  to: {
    path: `^core/(${FLOORS.slice(i + 1)
      .flat()
      .join('|')})/`,
  },
}))
const packageRules = [
  {
    name: 'core-leans-on-few-packages',
    severity: 'error',
    from: { path: '^core/', pathNot: TEST },
    to: { path: 'node_modules', pathNot: `node_modules/(@types/)?(${Object.keys(PACKAGES).join('|')})/` },
  },
  ...Object.entries(PACKAGES).map(([name, folders]) => ({
    name: `core-${name}-only-in-its-place`,
    severity: 'error',
    from: { path: '^core/', pathNot: [TEST, `^core/(${folders.join('|')})/`] },
    to: { path: `node_modules/${name}/` },
  })),
]

module.exports = {
  forbidden: [
    ...floorRules,
    ...packageRules,
    {
      name: 'core-has-a-floor-for-every-folder',
      severity: 'error',
      from: {},
      to: { path: `^core/(?!(${FLOORS.flat().join('|')})/)[^/]+/` },
    },
    {
      name: 'core-by-its-face',
      severity: 'error',
      from: { path: '^core/([^/]+)/' },
      to: { path: '^core/[^/]+/.+\\.ts$', pathNot: ['^core/$1/', '^core/[^/]+/index\\.ts$'] },
    },
    { name: 'core-is-pure', severity: 'error', from: { path: '^core/' }, to: { path: '^(app|server|bin)/' } },
    {
      name: 'core-speaks-no-language',
      severity: 'error',
      from: { path: '^core/', pathNot: TEST },
      to: { path: '^speech/' },
    },
    {
      name: 'speech-knows-messages-and-units',
      severity: 'error',
      from: { path: '^speech/', pathNot: TEST },
      to: { path: '^(core/(?!(message|units)/)|app/|server/|bin/)' },
    },
    {
      name: 'core-without-node',
      severity: 'error',
      from: { path: '^core/', pathNot: TEST },
      to: { dependencyTypes: ['core'] },
    },
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'components-without-database',
      severity: 'error',
      from: { path: '^app/(components|pages)/' },
      to: { path: ['^app/db/', 'node_modules/dexie/'], dependencyTypesNot: ['type-only'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.nuxt|\\.output' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'node', 'default'] },
  },
}
