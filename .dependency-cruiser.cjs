/** The layers: app → ui → core, app → service → data → core; the demo is made by services. Core stands alone but for zod. */
module.exports = {
  forbidden: [
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^src/core', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^src/core|node_modules/zod' },
    },
    {
      name: 'ui-knows-core-only',
      severity: 'error',
      from: { path: '^src/ui' },
      to: { path: '^src/(service|data|demo|app)' },
    },
    {
      name: 'data-knows-core-only',
      severity: 'error',
      from: { path: '^src/data' },
      to: { path: '^src/(service|ui|demo|app)' },
    },
    {
      name: 'service-knows-data-and-core',
      severity: 'error',
      from: { path: '^src/service' },
      to: { path: '^src/(ui|demo|app)' },
    },
    {
      name: 'app-goes-through-services',
      severity: 'error',
      from: { path: '^src/app' },
      to: { path: '^src/(data|demo)' },
    },
    {
      name: 'demo-goes-through-services',
      severity: 'error',
      from: { path: '^src/demo' },
      to: { path: '^src/(data|ui|app)' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphans',
      severity: 'error',
      from: { orphan: true, pathNot: '\\.d\\.ts$|^src/app|^src/demo/index|\\.test\\.ts$' },
      to: {},
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
  },
}
