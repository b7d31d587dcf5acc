import { type ComponentType, lazy } from 'react';

const Nothing = () => null;

/** A part that every page can do without: it comes by itself, and where it cannot be had nothing breaks. */
export const besides = (load: () => Promise<{ default: ComponentType }>) =>
  lazy(() => load().catch(() => ({ default: Nothing })));
