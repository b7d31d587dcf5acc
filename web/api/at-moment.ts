/** Where an earlier moment of the garden is looked into, the address begins so; the server knows it by its id. */
const THEN = /^\/then\/([\w-]+)(?=\/|$)/;

const then = THEN.exec(globalThis.location?.pathname ?? '');

/** Whether this page shows an earlier moment, in which nothing can be changed. */
export const isEarlierMoment = then !== null;

/** What the addresses of pages begin with. */
export const PAGES_AT = then?.[0] ?? '';

/** What the addresses of the server's answers begin with. */
export const API_AT = then ? `/api/then/${then[1]}` : '/api';

/** The first page of the program over an earlier moment. */
export const momentAddress = (id: string): string => `/then/${id}/now`;
