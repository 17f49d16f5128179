/** Imports go one way: app → features → ui and server → core. */
const layer = (name, from, to) => ({
  name,
  severity: 'error',
  from: { path: from },
  to: { path: to },
});

/** Inside the core: what is written may import nothing of what is listed. Tests stand above all of it. */
const core = (name, from, to) =>
  layer(name, `^src/core/(${from})/(?!.*\\.test\\.ts$)`, `^src/core/(${to})`);

const SUBJECTS =
  'composition|dough|filling|sheet|shapes|layout|hold|boil|batch|calibrate|kitchen|templates|units';

module.exports = {
  forbidden: [
    layer('core-imports-nothing-above', '^src/core', '^src/(app|features|ui|server|cli|workers)'),
    layer(
      'core-is-pure',
      '^src/core/(?!.*\\.test\\.ts$)',
      '^node_modules/(react|next|better-sqlite3|drizzle-orm)|^(fs|path|node:.*)$',
    ),
    // physics and basis ← subjects ← plan ← risk ← what is asked of a plan
    core('physics-first', 'physics|working', `(basis|plan|risk|log|shopping|calc|${SUBJECTS})/`),
    core(
      'basis-holds-the-pantry-only',
      'basis',
      '(plan|risk|log|shopping|calc|dough|filling|sheet|shapes|layout|batch|calibrate)/',
    ),
    core('subjects-below-plan', SUBJECTS, '(plan|risk|log|shopping|calc)/'),
    core(
      'document-below-model',
      'plan/document',
      '(plan/(model|questions|workings|starting)|risk)/',
    ),
    core('model-below-risk', 'plan/model', '(plan/(questions|workings|starting)|risk)/'),
    core('risk-below-questions', 'risk', 'plan/(questions|workings|starting|[^/]+\\.ts)'),
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
