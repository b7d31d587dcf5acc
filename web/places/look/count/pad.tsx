import type { DamageKind } from '#core/eye';
import { type Protocol, PROTOCOL_SHAPES } from '#core/sampling';
import { PROTOCOL_TEXTS } from '#knowledge';
import { AreaPad } from './area-pad.tsx';
import { type CountDraft, inHand } from './count-draft.ts';
import { MarkPad } from './mark-pad.tsx';
import { TallyPad } from './tally-pad.tsx';

/** What a unit is counted on: drawn areas, marks, or tallies, by what its way of counting writes down. */
export function Pad({
  draft,
  protocol,
  targetId,
  onChange,
  asleep,
}: {
  draft: CountDraft;
  protocol: Protocol;
  targetId: string | null;
  onChange: (change: (draft: CountDraft) => CountDraft) => void;
  asleep: boolean;
}) {
  const {
    items,
    unit: [unit],
  } = PROTOCOL_TEXTS[protocol];
  const kinds = Object.values(PROTOCOL_SHAPES[protocol].items);
  const props = { draft, items, unit, onChange, asleep };
  if (kinds.includes('percent'))
    return (
      <AreaPad key={Object.values(inHand(draft).counts).join()} {...props} looks={damageLooks(targetId)} />
    );
  return kinds.includes('yes-no') ? <MarkPad {...props} /> : <TallyPad {...props} />;
}

/** Which drawings a leaf is compared with. */
function damageLooks(targetId: string | null): DamageKind {
  if (targetId?.includes('mildew')) return 'mildew';
  return targetId?.includes('rust') ? 'rust' : 'spots';
}
