import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { simulateDays } from '#simulated';
import { FALLOW_BANK } from '#demo/stations';
import { addressOf, PAGES } from './load.ts';

const STATION = '01900000-0000-7001-8000-0000000000ff';

/** Answers at rest, and while forty years of hours are read from the watched folder, in the same run. */
export async function benchWhileReading(): Promise<void> {
  const data = mkdtempSync(join(tmpdir(), 'juglans-hours-'));
  const child = spawn(process.execPath, ['dist/server/demo.js'], {
    env: { ...process.env, NODE_OPTIONS: '', DATA: data, PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await addressOf(child);
  await fetch(`${address}/api/stations/${STATION}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ id: STATION, name: 'Forty', kind: 'logger' }),
  });
  const files = async () =>
    (await (await fetch(`${address}/api/weather-files`)).json()) as {
      reading: object | null;
      files: { name: string; outcome: object }[];
    };
  const ask = async (times: number[]) => {
    for (const page of PAGES) {
      const from = performance.now();
      await (await fetch(address + page)).arrayBuffer();
      times.push(performance.now() - from);
    }
  };
  const resting: number[] = [],
    reading: number[] = [];
  for (let i = 0; i < 20; i++) await ask(resting);
  const began = performance.now();
  writeFileSync(join(data, 'weather-in', 'forty.csv'), fortyYearsOfHours());
  while (!(await files()).reading) await pause(20);
  const read = performance.now();
  while ((await files()).reading) await ask(reading);
  const ended = performance.now();
  const { files: done } = await files();
  child.kill('SIGKILL');
  rmSync(data, { recursive: true, force: true });
  const at = (times: number[], share: number) =>
    times.sort((a, b) => a - b)[Math.floor((times.length - 1) * share)]!.toFixed(0);
  console.log(
    `forty years of hours from the folder: noticed after ${(read - began).toFixed(0)} ms, read in ${(ended - read).toFixed(0)} ms, ${JSON.stringify(done.at(-1)?.outcome)}`,
  );
  console.log(
    `  answers at rest: 95 % of ${resting.length} within ${at(resting, 0.95)} ms; meanwhile 95 % of ${reading.length} within ${at(reading, 0.95)} ms, the slowest ${at(reading, 1)} ms`,
  );
}

function fortyYearsOfHours(): string {
  const lines = ['Timestamp,Temperature (°C),Rain mm,Wind km/h'];
  for (const { date, minC, maxC, rainMm } of simulateDays(FALLOW_BANK, 5, '1986-01-01', '2025-12-31'))
    for (let hour = 0; hour < 24; hour++) {
      const warmth = (1 + Math.sin(((hour - 9) / 12) * Math.PI)) / 2;
      const time = `${date} ${String(hour).padStart(2, '0')}:00`;
      const temperature = (minC + (maxC - minC) * warmth).toFixed(1);
      lines.push(`${time},${temperature},${((rainMm ?? 0) / 24).toFixed(2)},${7 + (hour % 5)}`);
    }
  return lines.join('\n');
}
