import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import type { Context, MiddlewareHandler } from 'hono';

/** Less than this is not worth packing. */
export const LEAST_PACKED_BYTES = 1024;

const JSON_TYPE = /^application\/(problem\+)?json/;
const pack = promisify(gzip);

/** Whether the one who asks can unpack. */
export const canUnpack = (c: Context): boolean => c.req.header('accept-encoding')?.includes('gzip') ?? false;

/** Packs answers whole: a stream set up for each would cost more than the packing. Files pass by. */
export const packed: MiddlewareHandler = async (c, next) => {
  await next();
  const { headers, status } = c.res;
  if (headers.has('content-encoding') || headers.has('content-length')) return;
  if (!JSON_TYPE.test(headers.get('content-type') ?? '')) return;
  const body = new Uint8Array(await c.res.arrayBuffer());
  const small = body.length < LEAST_PACKED_BYTES || !canUnpack(c);
  const answer = new Response(small ? body : new Uint8Array(await pack(body)), { status, headers });
  answer.headers.append('vary', 'accept-encoding');
  if (small) answer.headers.set('content-length', String(body.length));
  else answer.headers.set('content-encoding', 'gzip');
  c.res = undefined;
  c.res = answer;
};
