import { measureInBrowser } from './in-browser.ts';

/** Events over decades and spray hours over a garden, in the browser that runs them in its workers. */
export async function benchEvents(): Promise<void> {
  const { eventsMs, barePassMs, hoursMs, bareHoursMs, models } = await measureInBrowser<{
    eventsMs: number;
    barePassMs: number;
    hoursMs: number;
    bareHoursMs: number;
    models: number;
  }>('bench/events-page.ts');
  console.log(
    `events in Chromium, 40 years × 30 troubles (${models} models), 40-member ensemble: ${eventsMs.toFixed(0)} ms (aim: under 300), ${(eventsMs / barePassMs).toFixed(1)} times one bare pass over as many days`,
  );
  console.log(
    `spray hours in Chromium, ten days × 50 plants × 5 products: ${hoursMs.toFixed(0)} ms (aim: under 100), ${(hoursMs / bareHoursMs).toFixed(0)} times a bare loop over as many hours`,
  );
}
