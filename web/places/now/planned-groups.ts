import type { PlannedItem } from '#engine';

/** Things planned that are the same on the same days: one row for all their plants. */
export interface PlannedGroup {
  readonly id: string;
  readonly first: PlannedItem;
  readonly items: readonly PlannedItem[];
}

/** Together what one tank or one round would do: the same step, on the same days, of plants without a watch. */
export function plannedGroups(items: readonly PlannedItem[]): PlannedGroup[] {
  const groups = new Map<string, PlannedItem[]>();
  for (const item of items) {
    const key = keyOf(item);
    groups.set(key, [...(groups.get(key) ?? []), item]);
  }
  return [...groups.values()].map((members) => ({ id: members[0]!.id, first: members[0]!, items: members }));
}

function keyOf(item: PlannedItem): string {
  const { what, from, to, standing } = item;
  const days = `${from} ${to} ${standing}`;
  if (item.watchId !== null || item.plantId === null) return item.id;
  switch (what.kind) {
    case 'winter':
      return `winter ${what.step.what} ${what.step.place} ${what.step.state} ${days}`;
    case 'winter-asks':
      return item.id;
    case 'feeding':
      return `feeding ${what.school} ${what.feeding.why} ${days}`;
    case 'series': {
      const { series, next } = what.answer;
      const use = next?.use?.kind === 'use' ? next.use.materialId : '';
      return series.templateId === null
        ? item.id
        : `${series.templateId} ${next?.step} ${next?.turn} ${use} ${days}`;
    }
  }
}
