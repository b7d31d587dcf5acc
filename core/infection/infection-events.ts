import { blightEvents } from './blight-events.ts';
import { dayRuns } from './day-runs.ts';
import { downyEvents } from './downy-events.ts';
import { humidDay } from './humid-day.ts';
import type { InfectionEvent } from './infection-event.ts';
import type { InfectionRule } from './infection-rule.ts';
import type { LeafHours } from './leaf-hours.ts';
import { mildewEvents } from './mildew-events.ts';
import type { SporeScene } from './spore-scene.ts';
import { wetEvents } from './wet-events.ts';

/** Every time in consecutive hours that infects by a disease's rule, or falls short of it; in order. */
export function infectionEvents(rule: InfectionRule, hours: LeafHours, scene: SporeScene): InfectionEvent[] {
  switch (rule.kind) {
    case 'wet':
      return wetEvents(rule, hours, scene);
    case 'heat-index':
      return mildewEvents(hours);
    case 'mild-humid':
      return dayRuns(hours, rule.daysRunning, (i) => {
        const { meanC, nightPercent } = humidDay(hours, i);
        return meanC >= rule.fromC && meanC <= rule.toC && nightPercent >= rule.humidPercent;
      });
    case 'open-bloom':
      return blightEvents(hours);
    case 'splash-then-nights':
      return downyEvents(hours);
    case 'warm-nights':
      return dayRuns(hours, rule.nightsRunning, (i) => {
        const { nightC, nightPercent } = humidDay(hours, i);
        return nightC >= rule.leastC && nightPercent >= rule.humidPercent;
      });
  }
}
