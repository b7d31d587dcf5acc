import { register } from 'node:module';

// A hook runs on a thread of its own, so it is a module given as text.
register(
  `data:text/javascript,${encodeURIComponent(`
  const shim = ${JSON.stringify(new URL('./jest-globals.mjs', import.meta.url).href)};
  export async function resolve(specifier, context, next) {
    if (specifier !== '@jest/globals') return next(specifier, context);
    const of = context.parentURL.split('/').slice(-3).join('/').split('?')[0];
    return { url: shim + '?of=' + encodeURIComponent(of), shortCircuit: true };
  }
`)}`,
);
