import { extname } from 'node:path';
import { serveStatic } from '@hono/node-server/serve-static';
import { type Context, Hono, type MiddlewareHandler } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { compress } from 'hono/compress';
import { etag } from 'hono/etag';
import { HTTPException } from 'hono/http-exception';
import type { AppParts } from './context.ts';
import { DAMAGED, onlyBringingIn, tellsOfDamage } from './damage.ts';
import { packed } from './packed.ts';
import { Problem, problemResponse } from '#answers';
import { quiet, type Quiet } from './quiet.ts';
import { answerRoutes } from './routes/answer-routes.ts';
import { archiveRoutes } from './routes/archive-routes.ts';
import { calendarRoutes } from './routes/calendar-routes.ts';
import { gardenRoutes } from './routes/garden-routes.ts';
import { doorRoutes } from './routes/door-routes.ts';
import { historyRoutes } from './routes/history-routes.ts';
import { journalRoutes } from './routes/journal-routes.ts';
import { mixRoutes } from './routes/mix-routes.ts';
import { photoRoutes } from './routes/photo-routes.ts';
import { recipeRoutes } from './routes/recipe-routes.ts';
import { townRoutes } from './routes/town-routes.ts';
import { roundRoutes } from './routes/round-routes.ts';
import { seriesRoutes } from './routes/series-routes.ts';
import { timingRoutes } from './routes/timing-routes.ts';
import { watchRoutes } from './routes/watch-routes.ts';
import { weatherRoutes } from './routes/weather-routes.ts';
import { unchanged } from './unchanged.ts';
import { onlyLetIn, rightHost, rightOrigin, strictHeaders } from './security/guard.ts';

const MOST_BODY_BYTES = 500_000;
/** Where weather and pictures come in, with limits of their own. */
const LARGE_ADDRESS = /^\/api\/(stations\/[^/]+\/days|photos\/[^/]+\/image|archive)$/;
/** Answers too large to be read through before they are sent, or named by what is in them. */
const A_FILE = /^\/api\/(export\.zip|backups\/.+|photos\/[^/]+\/image|stations\/[^/]+\/days\.csv)$/;
/** SQLite's words for a disk that is full, locked, unreadable or not to be written to. */
const DISK_TROUBLE = /^SQLITE_(FULL|BUSY|LOCKED|READONLY|IOERR|CANTOPEN)/;

function api(parts: AppParts, records: Hono, quietly: Quiet, logError: LogError) {
  return new Hono()
    .route('/', doorRoutes(parts))
    .route('/', gardenRoutes(parts))
    .route('/', watchRoutes(parts))
    .route('/', photoRoutes(parts))
    .route('/', roundRoutes(parts))
    .route('/', mixRoutes(parts))
    .route('/', seriesRoutes(parts))
    .route('/', recipeRoutes(parts))
    .route('/', townRoutes())
    .route('/', historyRoutes(parts))
    .route('/', weatherRoutes(parts))
    .route('/', timingRoutes(parts))
    .route('/', calendarRoutes(parts))
    .route(
      '/',
      archiveRoutes(parts, quietly, (earlier) => createApp(earlier, null, logError)),
    )
    .route('/', journalRoutes(parts.store, records))
    .route('/', answerRoutes(parts));
}

export type Api = ReturnType<typeof api>;

type LogError = (error: unknown) => void;

/** The whole application over HTTP. `webFolder` holds the built interface; null serves the API alone. */
export function createApp(
  parts: AppParts,
  webFolder: string | null,
  logError: LogError,
  logRequest?: (entry: RequestEntry) => void,
): Hono {
  const app = new Hono();
  if (logRequest) app.use(requestLog(logRequest));
  app.use(asErrors);
  app.use(compress());
  app.use('/api/*', packed);
  const tagged = etag();
  app.use('/api/*', (c, next) => (A_FILE.test(c.req.path) ? next() : tagged(c, next)));
  app.use(strictHeaders());
  app.use(rightHost());
  app.use('/api/*', rightOrigin());
  app.use('/api/*', onlyLetIn(parts.store, parts.now ?? Date.now));
  const smallBodies = bodyLimit({
    maxSize: MOST_BODY_BYTES,
    onError: () => {
      throw new Problem(413, 'That is far more than a record holds.');
    },
  });
  app.use('/api/*', (c, next) => (LARGE_ADDRESS.test(c.req.path) ? next() : smallBodies(c, next)));
  if (parts.damage) app.use('/api/*', onlyBringingIn);
  const quietly = quiet();
  app.use('/api/*', quietly.refusing);
  app.use('/api/*', unchanged(parts));
  app.get('/api/health', (c) => c.json({ ok: true }));
  // A journal's entries go the same way as what is put at a record's own address, past the door already.
  const records = new Hono();
  const routes = api(parts, records, quietly, logError);
  app.route('/api', routes);
  records.use(asErrors);
  records.route('/api', routes);
  records.notFound(nothingHere);
  records.onError((error, c) => problemResponse(c, asProblem(error, logError)));
  app.all('/api/*', () => {
    throw new Problem(404, 'There is nothing at this address.');
  });
  if (webFolder) {
    app.use(keptByBrowsers);
    app.use(serveStatic({ root: webFolder }));
    // A page's address; a file that is missing is not answered with a page.
    app.get('*', (c, next) =>
      extname(c.req.path) === '' ? serveStatic({ root: webFolder, path: 'index.html' })(c, next) : next(),
    );
  }
  app.notFound(nothingHere);
  app.onError((error, c) => {
    if (tellsOfDamage(error)) parts.onDamage?.();
    return problemResponse(c, asProblem(error, logError));
  });
  return app;
}

const nothingHere = (c: Context) => problemResponse(c, new Problem(404, 'There is nothing at this address.'));

/** Built files carry their contents in their names and never change; the page that names them is asked for anew. */
const keptByBrowsers: MiddlewareHandler = async (c, next) => {
  await next();
  if (!c.res.ok) return;
  const neverChanges = c.req.path.startsWith('/assets/');
  c.header('cache-control', neverChanges ? 'public, max-age=31536000, immutable' : 'no-cache');
};

/**
 * Whatever is thrown becomes an error the answers know: drivers may throw things of another make, which
 * would pass by.
 */
const asErrors: MiddlewareHandler = async (_, next) => {
  try {
    await next();
  } catch (thrown) {
    if (thrown instanceof Error) throw thrown;
    const { message, code } = thrown as { message?: unknown; code?: unknown };
    throw Object.assign(new Error(String(message ?? thrown)), { code });
  }
};

/** One request for the log: which kind, how it ended, how long it took; never which record. */
export interface RequestEntry {
  readonly method: string;
  readonly route: string;
  readonly status: number;
  readonly ms: number;
}

function requestLog(log: (entry: RequestEntry) => void): MiddlewareHandler {
  return async (c, next) => {
    const began = performance.now();
    await next();
    log({
      method: c.req.method,
      route: c.req.path.replace(/[0-9a-f-]{16,}/g, ':id'),
      status: c.res.status,
      ms: Math.round(performance.now() - began),
    });
  };
}

function asProblem(error: Error, logError: (error: unknown) => void): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof HTTPException) {
    return new Problem(
      error.status,
      error.status === 400 ? 'This could not be read: it is not well-formed JSON.' : error.message,
    );
  }
  logError(error);
  if (tellsOfDamage(error)) return new Problem(503, DAMAGED);
  const code = (error as { code?: unknown }).code;
  if (typeof code === 'string' && DISK_TROUBLE.test(code)) {
    return new Problem(
      503,
      'The records could not be written: the disk is full, locked or not to be written to. Nothing was ' +
        'half-kept.',
    );
  }
  return new Problem(500, 'Something went wrong inside. Nothing was half-kept.');
}
