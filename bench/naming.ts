import { CHECKS, TARGETS } from '#knowledge';
import { measureInBrowser } from './in-browser.ts';

/**
 * Scoring every trouble against every check in the browser, the whole answer with reasons, next checks
 * and pairs.
 */
export async function benchNaming(): Promise<void> {
  const { firstMs, namingMs, passMs } = await measureInBrowser<{
    firstMs: number;
    namingMs: number;
    passMs: number;
  }>('bench/naming-page.ts');
  console.log(
    `naming in Chromium with ${TARGETS.length} troubles, all ${CHECKS.length} checks answered: ${namingMs.toFixed(1)} ms (aim: under 5), ${(namingMs / passMs).toFixed(0)} times one bare pass over the table; the first on a fresh page ${firstMs.toFixed(0)} ms`,
  );
}
