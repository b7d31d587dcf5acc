import { Link } from 'react-router';
import { LEVEL_WORDS } from '../../../show/level-words.ts';
import type { GroundAnswer, GroundContact, GroundPlant } from '#engine';
import { usePutTouch, useRemoveTouch } from '../../../api/queries.ts';
import { BeadScale } from '../../../parts/bead-scale.tsx';
import { useNotices } from '../../../parts/notices.tsx';
import { useShow } from '../../../show/use-show.ts';
import { STATUS_WORDS } from '../../look/status-words.ts';
import { SunlightLine } from './sunlight-line.tsx';

/** What is held on the plan: what it carries, what it touches, how sunny it stands. */
export function SelectedPlant({
  plant,
  ground,
}: {
  readonly plant: GroundPlant;
  readonly ground: GroundAnswer;
}) {
  return (
    <section aria-label={plant.name} className="sheet p-4 flex flex-col gap-3">
      <div>
        <h2>
          <Link className="link-husk" to={`/garden/${plant.id}`}>
            {plant.name}
          </Link>
        </h2>
        <p className="soft text-sm">
          {plant.hostName}
          {plant.outOfReach && ', out of reach'}
        </p>
      </div>
      {plant.watches.length === 0 && (
        <p className="soft">No open watch. What is not looked at is not known.</p>
      )}
      <ul className="flex flex-col gap-2">
        {plant.watches.map((watch) => (
          <li key={watch.id}>
            <Link to={`/look/${watch.id}`} className="block hover:bg-base-200 rounded-lg">
              <b className="font-semibold">
                {watch.targetName}
                {watch.level && `, ${watch.level.level} ${LEVEL_WORDS[watch.level.level]}`}
              </b>
              <span className="soft block text-sm">{STATUS_WORDS[watch.status]}</span>
              {watch.level && <BeadScale level={watch.level} compact />}
            </Link>
          </li>
        ))}
      </ul>
      <Contacts plant={plant} ground={ground} />
      {plant.spot && <SunlightLine plantId={plant.id} ground={ground} />}
      <Link className="btn btn-sm self-start" to={`/look/new?plant=${plant.id}`}>
        Note something on it
      </Link>
    </section>
  );
}

function Contacts({ plant, ground }: { readonly plant: GroundPlant; readonly ground: GroundAnswer }) {
  const put = usePutTouch();
  const forget = useRemoveTouch();
  const { say } = useNotices();
  const show = useShow();
  const names = new Map(ground.plants.map(({ id, name }) => [id, name]));
  const own = ground.contacts.filter(({ a, b }) => a === plant.id || b === plant.id);
  if (own.length === 0) return null;
  const otherOf = ({ a, b }: GroundContact) => (a === plant.id ? b : a);
  const tell = (other: string, touches: boolean) =>
    put.mutate({ id: plant.id, other, touches }, { onError: (error) => say(error.message) });
  return (
    <ul className="flex flex-col gap-1 text-[0.93rem]">
      {own.map((contact) => {
        const other = otherOf(contact);
        const name = names.get(other) ?? 'a plant that is gone';
        const along =
          contact.drawn && contact.drawn.alongM >= 0.5 ? ` along ${show.length(contact.drawn.alongM)}` : '';
        return (
          <li key={other} className="flex flex-wrap justify-between gap-x-3">
            <span>
              {contact.isOverruled ? 'Drawn as touching ' : 'Touches '}
              {name}
              {!contact.isOverruled && along}
              {contact.isOverruled && '; you said they do not'}
              {!contact.drawn && <span className="soft"> (you said so)</span>}
            </span>
            <button
              type="button"
              className="link-husk text-sm min-h-6"
              onClick={() =>
                contact.isOverruled || !contact.drawn
                  ? forget.mutate({ id: plant.id, other }, { onError: (error) => say(error.message) })
                  : tell(other, false)
              }
            >
              {contact.isOverruled ? 'as drawn' : contact.drawn ? 'they do not' : 'take back'}
              <span className="sr-only">, {name}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
