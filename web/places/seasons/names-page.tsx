import { Link } from 'react-router';
import type { NamedWatch } from '#engine';
import { inSentence } from '#knowledge';
import { useNames } from '../../api/queries.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';
import { SeasonsNav } from './seasons-nav.tsx';

const HELD_WORDS: Readonly<Record<NamedWatch['held'], string>> = {
  held: 'as it was first named',
  renamed: 'renamed',
  'named-later': 'named later',
  'not-told': 'its first name was not kept',
  open: 'not yet named',
  'ruled-out': 'ruled out',
};
const BY_WORDS = { key: 'by the key', owner: 'by you', lab: 'by a lab or adviser' } as const;

/** How the names given here held: right so far, renamed, open. */
export function NamesPage() {
  return (
    <>
      <SeasonsNav />
      <Answered question={useNames()}>{(names) => <Names names={names} />}</Answered>
    </>
  );
}

function Names({ names }: { names: readonly NamedWatch[] }) {
  const today = useToday();
  if (names.length === 0)
    return (
      <EmptyState title="No names given yet.">
        <Link className="link-husk" to="/look/new">
          Note what you see
        </Link>
        ; how its name holds will stand here.
      </EmptyState>
    );
  const count = (held: NamedWatch['held']) => names.filter((each) => each.held === held).length;
  const named = count('held') + count('renamed');
  return (
    <>
      <PageHead
        title={
          named === 0
            ? 'No first name to judge yet'
            : `${count('held')} of ${named} first names held${named < 10 ? ' so far' : ''}`
        }
        lead={`${count('renamed')} renamed, ${count('named-later')} named later, ${count('open')} still open, ${count('ruled-out')} ruled out. A name that nobody corrected counts as held; only a lab is sure.`}
      />
      <div className="sheet overflow-x-auto" tabIndex={0} role="group" aria-label="Names, scrolls sideways">
        <table className="table">
          <thead>
            <tr>
              <th>Opened</th>
              <th>Plant</th>
              <th>Called now</th>
              <th>First called</th>
              <th>It is</th>
            </tr>
          </thead>
          <tbody>
            {names.map((each) => (
              <tr key={each.watchId}>
                <td className="whitespace-nowrap">{showDate(each.openedOn, today)}</td>
                <td>{each.plantName}</td>
                <td>
                  <Link className="link-husk" to={`/look/${each.watchId}`}>
                    {each.name}
                  </Link>{' '}
                  {each.namedBy && each.held !== 'open' && (
                    <span className="soft text-sm">{BY_WORDS[each.namedBy]}</span>
                  )}
                </td>
                <td>
                  {each.firstName === null
                    ? each.held === 'not-told'
                      ? 'not told'
                      : 'not named'
                    : inSentence(each.firstName)}
                </td>
                <td>{HELD_WORDS[each.held]}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
