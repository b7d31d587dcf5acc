import { useEffect, useState } from 'react';
import { z } from 'zod';
import { recordId } from '#core/records';
import { emptyUnit, PROTOCOL_SHAPES, PROTOCOLS, type Protocol, type Unit } from '#core/sampling';
import { newId } from '../../../api/new-id.ts';
import { keptHere } from '../../../parts/kept-here.ts';

/** A count in hand: what is done, and the unit being counted. */
export interface CountDraft {
  readonly id: string;
  readonly protocol: Protocol;
  /** One entry a unit; the last is the one in hand. */
  readonly units: readonly Unit[];
  /** Additions to the unit in hand, for taking the last one back. */
  readonly added: readonly string[];
  /** What is remarked about the count as a whole. */
  readonly note: string;
}

export const emptyDraft = (protocol: Protocol): CountDraft => ({
  id: newId(),
  protocol,
  units: [emptyUnit(protocol)],
  added: [],
  note: '',
});

export const inHand = (draft: CountDraft): Unit => draft.units.at(-1)!;

export const isUntouched = (draft: CountDraft): boolean =>
  draft.added.length === 0 && Object.values(inHand(draft).counts).every((count) => count === 0);

export function add(draft: CountDraft, item: string): CountDraft {
  return { ...withCount(draft, item, inHand(draft).counts[item]! + 1), added: [...draft.added, item] };
}

export function takeAway(draft: CountDraft, item: string): CountDraft {
  const count = inHand(draft).counts[item]!;
  if (count === 0) return draft;
  const at = draft.added.lastIndexOf(item);
  return { ...withCount(draft, item, count - 1), added: draft.added.filter((_, i) => i !== at) };
}

/** Sets an item of the unit in hand to a number that was typed. */
export function typeCount(draft: CountDraft, item: string, value: number): CountDraft {
  const others = draft.added.filter((other) => other !== item);
  return { ...withCount(draft, item, value), added: [...others, ...Array<string>(value).fill(item)] };
}

/** Sets an item of the unit in hand: there or not, or a share of area. */
export function set(draft: CountDraft, item: string, value: number): CountDraft {
  return { ...withCount(draft, item, value), added: [...draft.added, item] };
}

/** Takes the last addition back; on an untouched unit it goes back to the unit before. */
export function undoLast(draft: CountDraft): CountDraft {
  const last = draft.added.at(-1);
  if (last !== undefined) return takeAway(draft, last);
  if (draft.units.length === 1) return draft;
  const units = draft.units.slice(0, -1);
  const added = Object.entries(units.at(-1)!.counts).flatMap(([item, count]) =>
    Array<string>(Number.isInteger(count) ? count : 0).fill(item),
  );
  return { ...draft, units, added };
}

export function nextUnit(draft: CountDraft): CountDraft {
  return { ...draft, units: [...draft.units, emptyUnit(draft.protocol)], added: [] };
}

/** Everything counted so far, whatever it was. */
export const totalOf = ({ units }: CountDraft): number =>
  units.flatMap(({ counts }) => Object.values(counts)).reduce((sum, count) => sum + count, units.length);

function withCount(draft: CountDraft, item: string, count: number): CountDraft {
  const unit = inHand(draft);
  return {
    ...draft,
    units: [...draft.units.slice(0, -1), { ...unit, counts: { ...unit.counts, [item]: count } }],
  };
}

/** A count that survives a closed tab: it is kept on the device until it is kept for good or given up. */
export function useCountDraft(watchId: string, protocol: Protocol, tagged: boolean) {
  const key = draftKey(watchId, protocol, tagged);
  const [draft, setDraft] = useState<CountDraft>(() => readDraft(key, protocol) ?? emptyDraft(protocol));
  const [resumed] = useState(() => readDraft(key, protocol) !== null);
  useEffect(() => {
    if (draft.units.length > 1 || !isUntouched(draft)) DRAFTS.write(key, draft);
  }, [draft, key]);
  const clear = () => {
    DRAFTS.write(key, null);
    setDraft(emptyDraft(protocol));
  };
  return { draft, setDraft, clear, resumed };
}

const draftKey = (watchId: string, protocol: Protocol, tagged: boolean) =>
  `juglans-count-${watchId}-${protocol}${tagged ? '-tagged' : ''}`;

/** Adds a unit measured elsewhere to the count in hand, before the one being looked at. */
export function addToDraft(watchId: string, protocol: Protocol, unit: Unit): void {
  const key = draftKey(watchId, protocol, false);
  const draft = readDraft(key, protocol) ?? emptyDraft(protocol);
  DRAFTS.write(key, { ...draft, units: [...draft.units.slice(0, -1), unit, inHand(draft)] });
}

const DRAFTS = keptHere<CountDraft>(
  1,
  z.object({
    id: recordId,
    protocol: z.enum(PROTOCOLS),
    units: z.array(z.object({ counts: z.record(z.string(), z.number()) })).min(1),
    added: z.array(z.string()),
    note: z.string().max(2000).default(''),
  }),
);

/** A draft whose units are counted as the protocol counts today; null where there is none. */
function readDraft(key: string, protocol: Protocol): CountDraft | null {
  const draft = DRAFTS.read(key);
  const items = Object.keys(PROTOCOL_SHAPES[protocol].items).sort().join();
  const fits =
    draft?.protocol === protocol &&
    draft.units.every(({ counts }) => Object.keys(counts).sort().join() === items);
  return fits ? draft : null;
}
