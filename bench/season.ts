import { measureInBrowser } from './in-browser.ts';
import type { measure } from './season-page.ts';

/** A drag of three cuts and the search for two sprays in the browser, against bare loops of the same products. */
export async function benchSeason(): Promise<void> {
  const { cohorts, drawMs, dragMs, dragP95Ms, dragBareMs, searchMs, searchBareMs } =
    await measureInBrowser<ReturnType<typeof measure>>('bench/season-page.ts');
  console.log(
    `season in Chromium, 200 futures × ${cohorts.toFixed(0)} cohorts × 3 sprays: drawn in ${drawMs.toFixed(0)} ms; a drag answers in ${dragMs.toFixed(0)} ms, 95 % within ${dragP95Ms.toFixed(0)} ms (aim: under 100), ${(dragMs / dragBareMs).toFixed(0)} times a bare loop of the same products`,
  );
  console.log(
    `  best days for two among 180 days: ${searchMs.toFixed(0)} ms (aim: under 2 s), ${(searchMs / searchBareMs).toFixed(2)} of a bare loop over every pair`,
  );
}
