// The direction of imports: core ← data ← web; nothing imports web; demo and tests stand outside.
module.exports = {
  forbidden: [
    {
      name: 'core-imports-only-zod-and-maths',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^core/', '(^|node_modules/)(zod|big\\.js)($|/)'] },
    },
    {
      name: 'core-tests-stay-in-core',
      severity: 'error',
      from: { path: '^core/.*\\.test\\.ts$' },
      to: { path: '^(data|web|demo)/' },
    },
    {
      name: 'data-does-not-know-the-web',
      severity: 'error',
      from: { path: '^data/' },
      to: { path: '^(web|demo)/|node_modules/(next|react)' },
    },
    { name: 'web-does-not-know-the-demo', severity: 'error', from: { path: '^web/' }, to: { path: '^demo/' } },
    { name: 'nothing-imports-the-web', severity: 'error', from: { pathNot: '^(web|tests)/' }, to: { path: '^web/' } },
    {
      name: 'screens-reach-the-database-through-actions',
      severity: 'error',
      from: { path: '^web/(screens|ui|label|workers)/', pathNot: '(actions|\\.server)\\.ts$' },
      to: { path: '^data/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    { name: 'everything-resolves', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    parser: 'swc',
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.next' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
    },
  },
}
