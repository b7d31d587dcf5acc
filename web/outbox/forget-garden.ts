import { forgetPacked } from './device-store.ts';
import { forgetPictures } from './pictures-here.ts';

/** Takes the garden off this device; what was entered here and not yet sent stays. */
export const forgetGarden = () => Promise.all([forgetPacked(), forgetPictures()]);
