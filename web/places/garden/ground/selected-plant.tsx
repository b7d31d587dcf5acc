import { Link } from 'react-router';
import { LEVEL_WORDS } from '../../../show/level-words.ts';
import type { GroundAnswer, GroundPlant } from '#engine';
import { BeadScale } from '../../../parts/bead-scale.tsx';
import { STATUS_WORDS } from '../../look/status-words.ts';
import { ContactList } from './contact-list.tsx';
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
      <ContactList plantId={plant.id} ground={ground} />
      {plant.spot && <SunlightLine plantId={plant.id} ground={ground} />}
      <Link className="btn btn-sm self-start" to={`/look/new?plant=${plant.id}`}>
        Note something on it
      </Link>
    </section>
  );
}
