import { benchAccumulate } from './accumulate.ts';
import { benchArchive } from './archive.ts';
import { benchBigGarden } from './big-garden.ts';
import { benchEvents } from './events.ts';
import { benchFirstPage } from './first-page.ts';
import { benchImport } from './import.ts';
import { benchLoad } from './load.ts';
import { benchNaming } from './naming.ts';
import { benchServer } from './server-start.ts';

await benchAccumulate();
await benchNaming();
await benchEvents();
benchImport();
await benchServer();
await benchBigGarden();
await benchArchive();
await benchLoad();
benchFirstPage();
