import { forgetPacked } from './device-store.ts';
import { journal } from './outbox.ts';
import { forgetPictures } from './pictures-here.ts';

/** Takes the garden off this device, and what was sent of it; what was entered here and not yet sent stays. */
export const forgetGarden = () => Promise.all([forgetPacked(), forgetPictures(), journal.packedAt(Infinity)]);
