/** Debian's Chromium, started quietly: it asks nothing of the network. */
export const CHROMIUM_PATH = process.env.CHROMIUM ?? '/usr/bin/chromium';

export const CHROMIUM_ARGS = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
