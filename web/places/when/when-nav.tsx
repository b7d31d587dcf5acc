import { useLocation } from 'react-router';
import { SubNav } from '../../parts/page.tsx';

/** The ways within When. */
export function WhenNav() {
  const { pathname } = useLocation();
  return (
    <SubNav
      label="Within When"
      tabs={[
        [
          '/when',
          'Clock',
          !/^\/when\/(stations|calendar|plan|infections|practise|programme|dormant|hours|normals)/.test(
            pathname,
          ),
        ],
        ['/when/plan', 'Plan', pathname.startsWith('/when/plan')],
        ['/when/infections', 'Infections', pathname.startsWith('/when/infections')],
        ['/when/practise', 'Practise', pathname.startsWith('/when/practise')],
        ['/when/programme', 'Programme', pathname === '/when/programme'],
        ['/when/dormant', 'Dormant season', pathname === '/when/dormant'],
        ['/when/hours', 'Spray hours', pathname === '/when/hours'],
        ['/when/calendar', 'The year', pathname === '/when/calendar'],
        ['/when/stations', 'Stations', pathname.startsWith('/when/stations') || pathname === '/when/normals'],
      ]}
    />
  );
}
