import type { GroundAnswer, GroundContact } from '#engine';
import { usePutTouch, useRemoveTouch } from '../../../api/queries.ts';
import { useNotices } from '../../../parts/notices.tsx';
import { useShow } from '../../../show/use-show.ts';

/** What a plant touches, by the plan and by what was said; each can be overruled. */
export function ContactList({
  plantId,
  ground,
}: {
  readonly plantId: string;
  readonly ground: GroundAnswer;
}) {
  const put = usePutTouch();
  const forget = useRemoveTouch();
  const { say } = useNotices();
  const show = useShow();
  const names = new Map(ground.plants.map(({ id, name }) => [id, name]));
  const touching = ground.contacts.filter(({ a, b }) => a === plantId || b === plantId);
  if (touching.length === 0) return null;
  const otherOf = ({ a, b }: GroundContact) => (a === plantId ? b : a);
  const tell = (other: string, touches: boolean) =>
    put.mutate({ id: plantId, other, touches }, { onError: (error) => say(error.message) });
  return (
    <ul className="flex flex-col gap-1 text-[0.93rem]">
      {touching.map((contact) => {
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
                  ? forget.mutate({ id: plantId, other }, { onError: (error) => say(error.message) })
                  : tell(other, false)
              }
            >
              {contact.isOverruled ? 'as drawn' : contact.drawn ? 'they do not' : 'take back'}
              <span className="sr-only"> touch {name}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
