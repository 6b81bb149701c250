/** The layers: app → ui → core, app → data → core. Core stands alone but for zod. */
module.exports = {
  forbidden: [
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^src/core|node_modules/zod' },
    },
    { name: 'ui-knows-core-only', severity: 'error', from: { path: '^src/ui' }, to: { path: '^src/(data|app)' } },
    { name: 'data-knows-core-only', severity: 'error', from: { path: '^src/data' }, to: { path: '^src/(ui|app)' } },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphans',
      severity: 'error',
      from: { orphan: true, pathNot: '\\.d\\.ts$|^src/app|\\.test\\.ts$' },
      to: {},
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
  },
}
