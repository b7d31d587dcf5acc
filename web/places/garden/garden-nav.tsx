import { useLocation } from 'react-router';
import { SubNav } from '../../parts/page.tsx';

/** The ways within Garden. */
export function GardenNav() {
  const { pathname } = useLocation();
  return (
    <SubNav
      label="Within Garden"
      tabs={[
        ['/garden/plan', 'Plan', pathname === '/garden/plan'],
        ['/garden', 'List', pathname === '/garden'],
        ['/garden/moving', 'Moving in and out', pathname === '/garden/moving'],
      ]}
    />
  );
}
