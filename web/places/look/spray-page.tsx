import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { SprayRecord } from '#core/records';
import type { WatchPicture } from '#engine';
import type { Change } from '#server/store/change-log';
import type { LoggedSpray } from '#engine';
import { ApiProblem } from '../../api/client.ts';
import { useChanges, usePutSpray, useShelf } from '../../api/mixing.ts';
import { useWatch } from '../../api/queries.ts';
import { AmountField } from '../../parts/amount-field.tsx';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { type Option, optionsOf, SelectOne } from '../../parts/select-one.tsx';
import { BothEdits } from '../../parts/both-edits.tsx';
import { useEditing } from '../../parts/use-editing.ts';
import { showFullDate, showMoment } from '../../show/dates.ts';
import { significant } from '../../show/units.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { COVERAGE_WORDS, STAGE_SEEN_WORDS } from './spray-words.ts';
import { DayField } from '../../parts/day-field.tsx';

const NOT_SAID: Option<''> = { id: '', label: 'not said' };

/** A logged spray put right; what stood there before is kept. */
export function SprayPage() {
  const { watchId = '', sprayId } = useParams();
  return (
    <Answered question={useWatch(watchId)}>
      {(picture) => {
        const spray = picture.sprays.find(({ id }) => id === sprayId);
        return spray ? (
          <SprayForm key={spray.id} spray={spray} picture={picture} />
        ) : (
          <EmptyState title="There is no such spray.">
            <Link className="link-husk" to={`/look/${watchId}`}>
              To the watch
            </Link>
          </EmptyState>
        );
      }}
    </Answered>
  );
}

function SprayForm({ spray, picture }: { spray: LoggedSpray; picture: WatchPicture }) {
  const show = useShow();
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const put = usePutSpray();
  const products = useShelf().data?.products ?? [];
  const { weather: _, ...record } = spray;
  const typedOf = (now: SprayRecord) => ({
    on: now.on,
    ml: String(show.volumeNumber(now.sprayMl)),
    amounts: now.parts.map(({ productAmount }) => productAmount),
    coverage: now.coverage ?? ('' as const),
    stageSeen: now.stageSeen ?? ('' as const),
    note: now.note,
    againstLabel: now.againstLabel,
  });
  const [typed, setTyped] = useState(() => typedOf(spray));
  const edit = useEditing<SprayRecord>(put, record, (now) => setTyped(typedOf(now)));
  const messages = new Map(
    put.error instanceof ApiProblem
      ? put.error.errors.map((error) => [error.path.join('.'), error.message])
      : [],
  );
  const save = async () => {
    const changed: SprayRecord = {
      ...record,
      on: typed.on,
      sprayMl: show.typedMl(typed.ml),
      note: typed.note,
      againstLabel: typed.againstLabel,
      coverage: typed.coverage || null,
      stageSeen: typed.stageSeen || null,
      parts: record.parts.map((part, i) => ({ ...part, productAmount: typed.amounts[i]! })),
    };
    if (!(await edit.save(changed))) return;
    say('The spray was put right.', () => put.mutate({ from: changed, to: record }));
    await navigate(`/look/${picture.watch.id}`);
  };
  return (
    <>
      <PageHead
        title={`The spray of ${showFullDate(spray.on)}, ${picture.plant.name}`}
        lead="Put right what was logged; what stood there before is kept below."
      />
      <div className="grid gap-6 lg:grid-cols-2">
        <form
          noValidate
          className="sheet p-5 grid gap-4 sm:grid-cols-2 self-start"
          onSubmit={(event) => {
            event.preventDefault();
            void save().catch(() => undefined);
          }}
        >
          <BothEdits edit={edit} />
          <DayField
            label="Sprayed on"
            error={messages.get('on')}
            max={today}
            value={typed.on}
            onChange={(day) => setTyped({ ...typed, on: day })}
          />
          <Field label={`Spray used, ${show.volumeUnit}`} error={messages.get('sprayMl')}>
            <input
              className="input w-full"
              inputMode="decimal"
              value={typed.ml}
              onChange={(event) => setTyped({ ...typed, ml: event.target.value })}
            />
          </Field>
          {spray.parts.map((part, i) => {
            const product = products.find(({ id }) => id === part.productId);
            return (
              <AmountField
                key={part.productId}
                label={product?.name ?? 'Product'}
                by={product?.formulation === 'powder' ? 'mass' : 'volume'}
                error={messages.get(`parts.${i}.productAmount`)}
                value={{ amount: typed.amounts[i]! }}
                onChange={(amount) =>
                  setTyped({
                    ...typed,
                    amounts: typed.amounts.map((was, k) => (k === i ? (amount?.amount ?? Number.NaN) : was)),
                  })
                }
              />
            );
          })}
          <Field label="Cover">
            <SelectOne
              className="select w-full"
              value={typed.coverage}
              options={[NOT_SAID, ...optionsOf(COVERAGE_WORDS)]}
              onChange={(coverage) => setTyped({ ...typed, coverage })}
            />
          </Field>
          <Field label="Stage there">
            <SelectOne
              className="select w-full"
              value={typed.stageSeen}
              options={[NOT_SAID, ...optionsOf(STAGE_SEEN_WORDS)]}
              onChange={(stageSeen) => setTyped({ ...typed, stageSeen })}
            />
          </Field>
          <div className="sm:col-span-2">
            <Field label="Note" error={messages.get('note')}>
              <input
                className="input w-full"
                value={typed.note}
                onChange={(event) => setTyped({ ...typed, note: event.target.value })}
              />
            </Field>
          </div>
          <label className="sm:col-span-2 flex items-center gap-3 min-h-11">
            <input
              type="checkbox"
              className="checkbox"
              checked={typed.againstLabel}
              onChange={(event) => setTyped({ ...typed, againstLabel: event.target.checked })}
            />{' '}
            It was done against a label or a rule
          </label>
          {put.error && (
            <p role="alert" className="sm:col-span-2 text-error font-semibold">
              {put.error.message}{' '}
              {[...messages]
                .filter(([field]) => /parts(\.\d+\.(lineId|rate))?$/.test(field))
                .map(([, message]) => message)
                .join(' ')}
            </p>
          )}
          <button type="submit" className="btn btn-primary justify-self-start" disabled={put.isPending}>
            Save
          </button>
        </form>
        <History sprayId={spray.id} />
      </div>
    </>
  );
}

function History({ sprayId }: { sprayId: string }) {
  const show = useShow();
  const words = ({ before }: Change) => {
    const parts = JSON.parse(String(before.parts)) as SprayRecord['parts'];
    return `${showFullDate(String(before.on_day))}, ${show.volume(Number(before.spray_ml))} of spray, ${parts.map(({ productAmount }) => significant(productAmount, 1)).join(' and ')} ml or g${before.note ? `, “${String(before.note)}”` : ''}`;
  };
  return (
    <Answered question={useChanges('spray', sprayId)}>
      {({ changes }) => (
        <section aria-label="What stood here before" className="sheet p-5 self-start">
          <h2 className="mb-2">What stood here before</h2>
          {changes.length === 0 ? (
            <p className="soft">It was never changed.</p>
          ) : (
            <ol className="flex flex-col gap-2">
              {changes.map((change) => (
                <li key={change.seq}>
                  <span className="soft">until {showMoment(Date.parse(change.at))}:</span> {words(change)}
                </li>
              ))}
            </ol>
          )}
        </section>
      )}
    </Answered>
  );
}
