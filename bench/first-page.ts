import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

const WEB = 'dist/web';

/** Files that come with some of the program: themselves and all they import without being asked, gzipped bytes. */
function loadedWith(files: readonly string[]): Map<string, number> {
  const waiting = [...files];
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
  return loaded;
}

const told = (loaded: ReadonlyMap<string, number>) =>
  `${([...loaded.values()].reduce((sum, size) => sum + size, 0) / 1000).toFixed(1)} kB gzipped in ${loaded.size} files`;

/** JavaScript that comes before any page, and that the first page (Now) must load with its own part. */
export function benchFirstPage(): void {
  const html = readFileSync(join(WEB, 'index.html'), 'utf8');
  const entry = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((match) => match[1]!);
  const nowPage = readdirSync(join(WEB, 'assets')).find((file) => /^now-page-.*\.js$/.test(file))!;
  console.log(`JavaScript before any page: ${told(loadedWith(entry))}`);
  console.log(
    `first page's JavaScript: ${told(loadedWith([...entry, `assets/${nowPage}`]))} (aim: under 150 before charts)`,
  );
}
