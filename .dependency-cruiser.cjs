/** The layers of docs/architecture.md. A breach fails `npm test`. */
const outside = (...layers) => `^src/(${layers.join('|')})/`
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { path: outside('data', 'server', 'app', 'ui', 'workers', 'demo', 'wording', 'drawing') },
    },
    {
      name: 'drawing-knows-the-core-alone',
      comment: 'one look for the page and for paper',
      severity: 'error',
      from: { path: '^src/drawing/' },
      to: { path: outside('data', 'server', 'app', 'ui', 'workers', 'demo', 'wording') },
    },
    {
      name: 'wording-knows-the-core-alone',
      comment: 'sentences are said at the edges: the core gives their keys, the wording turns them into text',
      severity: 'error',
      from: { path: '^src/wording/' },
      to: { path: outside('data', 'server', 'app', 'ui', 'workers', 'demo') },
    },
    {
      name: 'core-is-pure',
      comment:
        'class-validator and its two helpers are the only packages the core may use (fast-check and vitest in its tests)',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.(test|testing)\\.ts$' },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'core', 'npm-no-pkg', 'unknown'],
        pathNot: 'node_modules/(class-validator|class-transformer|reflect-metadata)/',
      },
    },
    {
      name: 'data-knows-core-types-only',
      severity: 'error',
      from: { path: '^src/data/' },
      to: { path: outside('server', 'app', 'ui', 'workers', 'demo') },
    },
    {
      name: 'data-takes-no-rules',
      severity: 'error',
      from: { path: '^src/data/', pathNot: '\\.test\\.ts$' },
      // Errors with a sentence are no rules of the trade.
      to: { path: '^src/core/(?!errors\\.ts$)', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'server-stays-below',
      severity: 'error',
      from: { path: '^src/server/' },
      to: { path: outside('app', 'ui', 'workers') },
    },
    {
      name: 'ui-stays-in-the-browser',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: outside('data', 'app', 'demo') },
    },
    {
      name: 'ui-calls-actions-only',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/server/', pathNot: '^src/server/actions/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'app-is-thin',
      severity: 'error',
      from: { path: '^src/app/' },
      to: { path: outside('data', 'demo') },
    },
    {
      name: 'workers-are-shells',
      severity: 'error',
      from: { path: '^src/workers/' },
      to: { path: outside('data', 'server', 'app', 'ui', 'demo') },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
}
