/** Imports go one way: app → features → ui and server → core. */
const layer = (name, from, to) => ({
  name,
  severity: 'error',
  from: { path: from },
  to: { path: to },
});

module.exports = {
  forbidden: [
    layer('core-imports-nothing-above', '^src/core', '^src/(app|features|ui|server|cli|workers)'),
    layer(
      'core-is-pure',
      '^src/core/(?!.*\\.test\\.ts$)',
      '^node_modules/(react|next|better-sqlite3|drizzle-orm)|^(fs|path|node:.*)$',
    ),
    layer('ui-below-features', '^src/ui', '^src/(app|features|server|cli)'),
    layer('server-below-features', '^src/server', '^src/(app|features|ui|cli)'),
    layer('features-below-app', '^src/features', '^src/(app|cli)'),
    layer('cli-over-core-only', '^src/cli', '^src/(app|features|ui)'),
    layer('workers-over-core-only', '^src/workers', '^src/(app|features|ui|server|cli)'),
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require'] },
  },
};
