/** Import directions of the project; tests/architecture checks the finer ones inside core/. */
module.exports = {
  forbidden: [
    { name: 'core-is-pure', severity: 'error', from: { path: '^core/' }, to: { path: '^(app|server|bin)/' } },
    { name: 'core-without-node', severity: 'error', from: { path: '^core/', pathNot: '\\.test\\.ts$' }, to: { dependencyTypes: ['core'] } },
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    { name: 'components-without-database', severity: 'error', from: { path: '^app/(components|pages)/' }, to: { path: '^app/db/' } },
  ],
  options: { doNotFollow: { path: 'node_modules' }, exclude: { path: '\\.nuxt|\\.output' }, tsPreCompilationDeps: false, tsConfig: { fileName: 'tsconfig.json' }, enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'node', 'default'] } },
}
