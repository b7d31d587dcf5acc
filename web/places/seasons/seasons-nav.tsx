import { useLocation } from 'react-router';
import { SubNav } from '../../parts/page.tsx';

/** The ways within Seasons. */
export function SeasonsNav() {
  const { pathname } = useLocation();
  const isAt = (path: string) => pathname === path;
  return (
    <SubNav
      label="Within Seasons"
      tabs={[
        ['/seasons', 'All seasons', isAt('/seasons') || pathname.startsWith('/seasons/watch')],
        ['/seasons/names', 'Names', isAt('/seasons/names')],
        ['/seasons/book', 'Record book', isAt('/seasons/book')],
        ['/seasons/review', 'The year', isAt('/seasons/review')],
        ['/seasons/exports', 'Exports', isAt('/seasons/exports')],
      ]}
    />
  );
}
