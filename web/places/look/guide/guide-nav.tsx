import { useLocation } from 'react-router';
import { SubNav } from '../../../parts/page.tsx';

const WAYS = [
  ['/look/guide', 'Troubles'],
  ['/look/guide/plants', 'Plants'],
  ['/look/guide/signs', 'Signs'],
  ['/look/guide/season', 'Season'],
  ['/look/guide/pocket', 'Pocket sheet'],
] as const;

/** The ways into the field guide. */
export function GuideNav() {
  const { pathname } = useLocation();
  return (
    <div className="no-print">
      <SubNav
        label="Within the field guide"
        tabs={WAYS.map(([path, name]) => [path, name, pathname === path])}
      />
    </div>
  );
}
