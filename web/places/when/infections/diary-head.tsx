import { Link } from 'react-router';
import { PageHead } from '../../../parts/page.tsx';

interface DiaryHeadProps {
  readonly title: string;
  readonly lead: string;
  readonly watchId: string;
  /** Counting is the thing to do here. */
  readonly countFirst: boolean;
}

/** The finding, and the ways to the watch and to a count. */
export function DiaryHead({ title, lead, watchId, countFirst }: DiaryHeadProps) {
  return (
    <PageHead title={title} lead={lead}>
      <Link className="btn" to={`/look/${watchId}`}>
        To the watch
      </Link>
      <Link className={countFirst ? 'btn btn-primary' : 'btn'} to={`/look/${watchId}/count`}>
        Count spots
      </Link>
    </PageHead>
  );
}
