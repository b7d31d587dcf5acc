import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

const WEB = 'dist/web';

/** JavaScript the first page (Now) must load, gzipped: the entry and all it imports without being asked. */
export function benchFirstPage(): void {
  const html = readFileSync(join(WEB, 'index.html'), 'utf8');
  const waiting = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((match) => match[1]!);
  const loaded = new Map<string, number>();
  while (waiting.length > 0) {
    const file = waiting.pop()!;
    if (loaded.has(file)) continue;
    const code = readFileSync(join(WEB, file));
    loaded.set(file, gzipSync(code).length);
    // Static imports only: `from"./x.js"` and `import"./x.js"`, not `import("./x.js")`.
    for (const match of code.toString().matchAll(/(?:from|import)\s*["']\.\/([^"']+\.js)["']/g))
      waiting.push(`assets/${match[1]}`);
  }
  const total = [...loaded.values()].reduce((sum, size) => sum + size, 0);
  console.log(
    `first page's JavaScript: ${(total / 1000).toFixed(1)} kB gzipped in ${loaded.size} files (aim: under 150 before charts)`,
  );
}
