import { FIRST_WORDS } from '#knowledge';

/** One plain word to start from. */
export function FirstWordCard({ onWord }: { onWord: (id: string | null) => void }) {
  return (
    <section aria-label="Look at this next" className="sheet border-primary! border-2! p-4">
      <h2 className="mb-1 font-serif text-lg! text-base-content!">What caught your eye?</h2>
      <p className="soft text-sm mb-3">One plain word; what is asked next follows from it.</p>
      <div className="grid grid-cols-2 sm:grid-cols-3 gap-2">
        {FIRST_WORDS.map(({ id, label }) => (
          <button
            key={id}
            type="button"
            className="rounded-lg border border-base-300 bg-base-100 px-3 py-2 min-h-12 text-left"
            onClick={() => onWord(id)}
          >
            {label}
          </button>
        ))}
        <button type="button" className="btn min-h-12" onClick={() => onWord(null)}>
          None of these fits
        </button>
      </div>
    </section>
  );
}
