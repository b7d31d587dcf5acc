import { v7 } from 'uuid';

/** An id made on this device, in order of time; works without a secure context. */
export const newId = (): string => v7();
