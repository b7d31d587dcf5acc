import { measureInBrowser } from './in-browser.ts';
import type { measure } from './infections-page.ts';

/** Every wet time of ten seasons by twenty diseases on fifty plants, in the browser. */
export async function benchInfections(): Promise<void> {
  const { events, allMs, bareMs } =
    await measureInBrowser<ReturnType<typeof measure>>('bench/infections-page.ts');
  console.log(
    `infections in Chromium, 10 seasons of hours × 20 diseases × 50 plants (${events} wet times): ${allMs.toFixed(0)} ms (aim: under 300), ${(allMs / bareMs).toFixed(0)} times a bare loop over as many hours and diseases`,
  );
}
