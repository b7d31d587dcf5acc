import { HEDGE, HEDGE_PLANT, STATION } from './server.ts';

const SCAB = '01900000-0000-7004-8000-000000000004';
const SUNROOM = '01900000-0000-7001-8000-000000000002';
const KUMQUAT = '01900000-0000-7004-8000-000000000005';

/** Every page of the made-up garden, by place. */
export const PAGES: Readonly<Record<string, readonly string[]>> = {
  'Now, Garden, Seasons and Setup': [
    '/now',
    '/now/hour',
    '/now/day',
    '/start/plant',
    '/garden',
    '/garden/new',
    `/garden/${HEDGE_PLANT}`,
    '/seasons',
    '/seasons/book',
    '/setup',
    '/setup/network',
    '/setup/backups',
    '/out',
    '/nowhere',
  ],
  Mix: [
    `/mix?watch=${HEDGE}`,
    '/mix/meet?a=copper',
    '/mix/shelf',
    '/mix/shelf/new',
    '/mix/shopping',
    '/mix/recipes?recipe=biological-feed',
    `/look/${HEDGE}/spray/01900000-0000-7011-8000-00000000012c`,
  ],
  Look: [
    '/look',
    `/look/new?plant=${HEDGE_PLANT}`,
    `/look/${HEDGE}`,
    `/look/${HEDGE}/name`,
    `/look/${HEDGE}/weigh`,
    `/look/${HEDGE}/hand`,
    `/look/${HEDGE}/count`,
    `/look/${HEDGE}/tape`,
    '/look/guide',
    '/look/guide/euonymus-scale',
    '/look/guide/host/kumquat',
    '/look/guide/sign/lift',
    '/look/round',
    '/look/eye',
    `/look/${SCAB}/count`,
    `/look/${HEDGE}/count?protocol=spur`,
    `/look/${HEDGE}/count?protocol=cover`,
  ],
  When: [
    `/when/${HEDGE}`,
    `/when/${KUMQUAT}`,
    '/when/day',
    '/when/dormant',
    '/when/programme',
    '/when/hours',
    '/when/calendar',
    '/when/normals',
    '/when/stations',
    `/when/stations/${STATION}/import`,
    `/when/stations/${SUNROOM}/check`,
    `/when/stations/${SUNROOM}/reading`,
    `/when/stations/${SUNROOM}/forecast`,
  ],
};
