import { z } from 'zod';
import type { PracticeLog } from '#core/practice';
import { PRACTICE_TROUBLES, type PracticeTroubleId } from '#knowledge';
import { keptHere } from '../../../parts/kept-here.ts';

const day = z.number().int().min(0).max(400);
const act = z.discriminatedUnion('does', [
  z.object({ does: z.enum(['look', 'hang', 'read', 'clear-source']), day }),
  z.object({ does: z.literal('treat'), day, wayId: z.string().max(60) }),
]);

/** One made-up plant somebody practised on. */
const practised = z.object({
  trouble: z.enum(PRACTICE_TROUBLES),
  climate: z.enum(['made-up', 'own']),
  seed: z.number().int().min(0),
  isOver: z.boolean(),
  log: z.object({ today: day, acts: z.array(act).max(400) }),
});
export type Practised = z.infer<typeof practised>;
export type PracticeClimateChoice = Practised['climate'];

/** The latest first. */
const kept = keptHere(1, z.array(practised).max(80));
const KEY = 'juglans practice';
const MOST_KEPT = 40;

export const practisedHere = (): readonly Practised[] => kept.read(KEY) ?? [];

const isSame = (a: PracticePlant, b: PracticePlant) =>
  a.trouble === b.trouble && a.climate === b.climate && a.seed === b.seed;

/** Which plant it is, of all that can be made up. */
export type PracticePlant = Pick<Practised, 'trouble' | 'climate' | 'seed'>;

export const logOf = (asked: PracticePlant): PracticeLog | null =>
  practisedHere().find((each) => isSame(each, asked))?.log ?? null;

/** Keeps a plant's log on this device, before all others. */
export function keepLog(asked: PracticePlant, log: PracticeLog, isOver: boolean): void {
  const others = practisedHere().filter((each) => !isSame(each, asked));
  kept.write(
    KEY,
    [{ ...asked, isOver, log: { today: log.today, acts: [...log.acts] } }, ...others].slice(0, MOST_KEPT),
  );
}

/** The plant of a lesson that was practised on last. */
export const latestOf = (trouble: PracticeTroubleId, climate: PracticeClimateChoice): Practised | null =>
  practisedHere().find((each) => each.trouble === trouble && each.climate === climate) ?? null;

const SEEDS = 9000,
  FIRST_SEED = 1000;
/** A number for a plant nobody knows yet. */
export const newSeed = (): number => FIRST_SEED + Math.floor(Math.random() * SEEDS);
