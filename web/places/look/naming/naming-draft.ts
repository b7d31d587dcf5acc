import { useState } from 'react';
import { z } from 'zod';
import type { Answers } from '#core/identify';
import { keptHere } from '../../../parts/kept-here.ts';

/** What was answered so far about one plant or watch; kept on this device until it is used. */
export interface NamingDraft {
  readonly answers: Answers;
  readonly coversTurned: number;
  /** The trouble somebody says it is. */
  readonly knownId: string | null;
  /** The month it was seen in, 1–12, where that was not now. */
  readonly seenMonth: number | null;
}

const DRAFTS = keptHere<NamingDraft>(
  1,
  z.object({
    answers: z.record(z.string(), z.string()),
    coversTurned: z.number(),
    knownId: z.string().nullable(),
    seenMonth: z.number().int().min(1).max(12).nullable(),
  }),
);

const keyOf = (subjectId: string) => `juglans-naming-${subjectId}`;

export const forgetDraft = (subjectId: string) => DRAFTS.write(keyOf(subjectId), null);

/** The draft about a plant or a watch, `start` where there is none; leaving and coming back keeps it. */
export function useNamingDraft(subjectId: string, start: Answers) {
  const fresh: NamingDraft = { answers: start, coversTurned: 0, knownId: null, seenMonth: null };
  const [draft, setDraft] = useState(() => DRAFTS.read(keyOf(subjectId)) ?? fresh);
  const change = (part: Partial<NamingDraft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    DRAFTS.write(keyOf(subjectId), next);
  };
  return { draft, change, startAnew: () => (forgetDraft(subjectId), setDraft(fresh)) };
}
