import { Maximize, Minus, Plus, Undo2 } from 'lucide-react';

/** Nearer, farther, all of it; and back, while drawing. */
export function ViewButtons({
  onZoom,
  onFit,
  undo,
}: {
  readonly onZoom: (times: number) => void;
  readonly onFit: () => void;
  readonly undo: { undo(): void; readonly canUndo: boolean } | null;
}) {
  const className = 'btn btn-sm btn-square min-h-11 min-w-11';
  return (
    <div className="absolute left-2 top-2 flex gap-1 no-print">
      <button type="button" className={className} aria-label="Nearer" onClick={() => onZoom(1.5)}>
        <Plus size={18} aria-hidden />
      </button>
      <button type="button" className={className} aria-label="Farther" onClick={() => onZoom(1 / 1.5)}>
        <Minus size={18} aria-hidden />
      </button>
      <button type="button" className={className} aria-label="Show all" onClick={onFit}>
        <Maximize size={17} aria-hidden />
      </button>
      {undo && (
        <button
          type="button"
          className={className}
          aria-label="Undo"
          disabled={!undo.canUndo}
          onClick={() => undo.undo()}
        >
          <Undo2 size={18} aria-hidden />
        </button>
      )}
    </div>
  );
}
