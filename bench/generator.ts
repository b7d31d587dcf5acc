import { generateDays, normalsOf } from '#core/weather';
import { gardenStation, STATION_FROM } from '#demo/stations';

/** The demo station's fifteen years beside 300 generated from them: means, spread, persistence, rain. */
export function generatorTable(): void {
  const fitted = normalsOf(gardenStation().measured(STATION_FROM, '2025-12-31'));
  const made = normalsOf(generateDays(fitted, 17, '1700-01-01', '1999-12-31'));
  console.log(
    `generator: day-to-day correlation ${fitted.persistence.toFixed(3)} at the station, ${made.persistence.toFixed(3)} generated`,
  );
  for (const i of [0, 3, 6, 9]) {
    const [a, b] = [fitted.months[i]!, made.months[i]!];
    console.log(
      `  month ${i + 1}: low ${a.minC.toFixed(1)} / ${b.minC.toFixed(1)} °C, high ${a.maxC.toFixed(1)} / ${b.maxC.toFixed(1)} °C, spread of day means ${a.meanSpreadC.toFixed(2)} / ${b.meanSpreadC.toFixed(2)} °C, rain ${a.rainMm.toFixed(0)} / ${b.rainMm.toFixed(0)} mm on ${a.wetDays.toFixed(1)} / ${b.wetDays.toFixed(1)} days`,
    );
  }
  const worst = Math.max(
    ...fitted.months.map((month, i) =>
      Math.max(Math.abs(month.minC - made.months[i]!.minC), Math.abs(month.maxC - made.months[i]!.maxC)),
    ),
  );
  console.log(`  furthest monthly mean off: ${worst.toFixed(2)} °C`);
}
