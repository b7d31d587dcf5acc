import { useLocation } from 'react-router';
import { SubNav } from '../../parts/page.tsx';

const TABS = [
  ['/mix', 'Bench'],
  ['/mix/meet', 'May they meet?'],
  ['/mix/shelf', 'Shelf and sprayers'],
  ['/mix/shopping', 'Shopping card'],
  ['/mix/recipes', 'Recipes'],
] as const;

/** The ways within Mix. */
export function MixNav() {
  const { pathname } = useLocation();
  const here = TABS.findLast(
    ([path]) => pathname === path || (path !== '/mix' && pathname.startsWith(`${path}/`)),
  )?.[0];
  return <SubNav label="Within Mix" tabs={TABS.map(([path, name]) => [path, name, path === here])} />;
}
