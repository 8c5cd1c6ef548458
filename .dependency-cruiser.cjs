// Dependencies point inward only: web, server, cli → contract → core. The core knows no interface and does no I/O.
const layer = (name, path, allowed) => ({
  name,
  severity: 'error',
  from: { path },
  to: { path: '^(src|demo)/', pathNot: allowed },
});

module.exports = {
  forbidden: [
    layer('core-knows-only-itself', '^src/core/', '^src/core/'),
    layer('contract-knows-core', '^src/contract/', '^src/(core|contract)/'),
    layer('card-view-knows-core', '^src/card-view/', '^src/(core|card-view)/'),
    layer('web-knows-no-server', '^src/web/', '^src/(core|contract|card-view|web)/'),
    layer('server-knows-no-web', '^src/server/', '^(src/(core|contract|card-view|server)|demo)/'),
    layer('cli-knows-no-web', '^src/cli/', '^src/(core|contract|server|cli)/'),
    {
      name: 'core-does-no-io',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { dependencyTypes: ['core', 'npm', 'npm-dev'], pathNot: 'numeric-quantity|date-fns' },
    },
    {
      name: 'no-folder-circles',
      comment: 'Folders import one way only: what a folder builds on does not build on it.',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: { path: '^src/' },
      to: { circular: true },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    // What a test leans on is no part of how the layers stand.
    exclude: { path: '\\.test\\.tsx?$|^tests/' },
  },
};
