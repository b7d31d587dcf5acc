import { measure } from './engine-page.ts';
import { measureInBrowser } from './in-browser.ts';

/** The engine alone, on the server and in the browser: Now for a garden of 500 plants and ten seasons. */
export async function benchEngine(): Promise<void> {
  const tell = (where: string, { coldMs, afterWriteMs, barePassMs }: ReturnType<typeof measure>) =>
    console.log(
      `the engine ${where}, 500 plants, 10 seasons: Now ${afterWriteMs.toFixed(0)} ms after a write (aim: under 100), ${(afterWriteMs / barePassMs).toFixed(1)} times writing its counts out as JSON; ${coldMs.toFixed(0)} ms from a state never seen`,
    );
  tell('on the server', measure());
  tell('in Chromium', await measureInBrowser<ReturnType<typeof measure>>('bench/engine-page.ts'));
}
