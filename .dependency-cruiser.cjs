/**
 * Arrows run one way: web and server → answers → engine → knowledge → core → nothing of ours; demo → all but web.
 * The simulated world rests on core, and only tests, demo, bench and the stand-in for a station use it.
 */
const forbid = (name, from, to, extra = {}) => ({
  name,
  severity: 'error',
  from: { path: from, ...extra.from },
  to: { path: to, ...extra.to },
});

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-orphan-resolution', severity: 'error', from: {}, to: { couldNotResolve: true } },
    forbid('core-stands-alone', '^core/', '^(knowledge|engine|answers|server|web|demo|bench|e2e)/'),
    forbid('knowledge-knows-core-only', '^knowledge/', '^(engine|answers|server|web|demo|bench|e2e)/'),
    forbid('engine-rests-on-core-and-knowledge', '^engine/', '^(answers|server|web|demo|bench|e2e)/'),
    forbid('answers-rest-on-the-engine', '^answers/', '^(server|web|demo|bench|e2e)/', {
      from: { pathNot: '\\.test\\.ts$' },
    }),
    forbid(
      'simulated-rests-on-core',
      '^simulated/',
      '^(knowledge|engine|answers|server|web|demo|bench|e2e)/',
    ),
    forbid('product-without-the-simulated', '^(core|knowledge|engine|answers|server|web)/', '^simulated/', {
      from: { pathNot: '\\.test\\.ts$|^server/sources/simulated-station\\.ts$' },
    }),
    forbid(
      'simulated-is-entered-by-its-face',
      '^(core|knowledge|engine|answers|server|web|demo|bench)/',
      '^simulated/(?!index\\.ts$)',
    ),
    forbid('server-without-web-or-demo', '^server/', '^(web|demo|bench|e2e)/', {
      from: { pathNot: '\\.test\\.ts$' },
    }),
    forbid('web-takes-only-types-from-server', '^web/', '^server/', {
      to: { dependencyTypesNot: ['type-only'] },
    }),
    forbid('web-without-demo', '^web/', '^(demo|bench|e2e)/'),
    forbid('demo-without-web', '^demo/', '^(web|bench|e2e)/'),
    forbid('core-subjects-show-one-face', '^core/([^/]+)/', '^core/([^/]+)/(?!index\\.ts$)', {
      to: { pathNot: '^core/$1/' },
    }),
    forbid(
      'core-is-entered-by-its-faces',
      '^(knowledge|simulated|engine|answers|server|web|demo|bench)/',
      '^core/[^/]+/(?!index\\.ts$)',
    ),
    forbid(
      'knowledge-is-entered-by-its-face',
      '^(engine|answers|server|web|demo|bench)/',
      '^knowledge/(?!index\\.ts$)',
    ),
    forbid('engine-is-entered-by-its-face', '^(answers|server|web|demo|bench)/', '^engine/(?!index\\.ts$)'),
    forbid('answers-are-entered-by-their-face', '^(server|web|demo|bench)/', '^answers/(?!index\\.ts$)'),
    forbid(
      'answers-need-no-machine',
      '^answers/',
      '^(node:|node_modules/(react|better-sqlite3|pino|@hono/node-server)/)',
    ),
    forbid(
      'core-needs-no-outside',
      '^(core|knowledge|engine)/',
      '^(node:|node_modules/(react|hono|better-sqlite3|pino)/)',
      { from: { pathNot: '\\.test\\.ts$' } },
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.css', '.json'],
    },
  },
};
