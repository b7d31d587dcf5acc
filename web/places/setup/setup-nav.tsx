import { useLocation } from 'react-router';
import { SubNav } from '../../parts/page.tsx';

const TABS = [
  ['/setup', 'Garden and schools'],
  ['/setup/network', 'Let the phone in'],
  ['/setup/backups', 'Backups'],
] as const;

/** The ways within Setup. */
export function SetupNav() {
  const { pathname } = useLocation();
  return <SubNav label="Within Setup" tabs={TABS.map(([path, name]) => [path, name, path === pathname])} />;
}
