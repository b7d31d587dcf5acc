import { benchAccumulate } from './accumulate.ts';
import { benchBigGarden } from './big-garden.ts';
import { benchEvents } from './events.ts';
import { benchFirstPage } from './first-page.ts';
import { benchImport } from './import.ts';
import { benchNaming } from './naming.ts';
import { benchServer } from './server-start.ts';

await benchAccumulate();
await benchNaming();
await benchEvents();
benchImport();
await benchServer();
await benchBigGarden();
benchFirstPage();
