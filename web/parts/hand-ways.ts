import { z } from 'zod';
import { keptHere } from './kept-here.ts';

/** How a count is tapped on this device. */
export interface HandWays {
  /** What finishes is held, not tapped. */
  readonly hold: boolean;
  readonly vibrate: boolean;
  readonly sound: boolean;
}

const KEY = 'juglans-hand';
const WAYS = keptHere<HandWays>(1, z.object({ hold: z.boolean(), vibrate: z.boolean(), sound: z.boolean() }));
const AS_USUAL: HandWays = { hold: false, vibrate: false, sound: false };

export const handWays = (): HandWays => WAYS.read(KEY) ?? AS_USUAL;
export const setHandWays = (ways: HandWays): void => WAYS.write(KEY, ways);

const BUZZ_MS = 25;
/** Up for one more, down for one taken back. */
const PITCH_HZ = { more: 880, back: 440 };
const CLICK_S = 0.04;
let sounding: AudioContext | null = null;

/** Tells the hand that a tap was taken, in the ways this device is set to. */
export function feel(tap: keyof typeof PITCH_HZ): void {
  const { vibrate, sound } = handWays();
  if (vibrate && 'vibrate' in navigator) navigator.vibrate(BUZZ_MS);
  if (!sound) return;
  sounding ??= new AudioContext();
  const tone = sounding.createOscillator();
  const loud = sounding.createGain();
  tone.frequency.value = PITCH_HZ[tap];
  loud.gain.setValueAtTime(0.2, sounding.currentTime);
  loud.gain.exponentialRampToValueAtTime(0.001, sounding.currentTime + CLICK_S);
  tone.connect(loud).connect(sounding.destination);
  tone.start();
  tone.stop(sounding.currentTime + CLICK_S);
}
