import { useId, useState } from 'react';
import { Link, useParams } from 'react-router';
import { laidOn } from '#core/picture';
import type { Photo } from '#core/records';
import { photoAddress } from '../../../api/photo-address.ts';
import { usePhotos } from '../../../api/photos.ts';
import { useWatch } from '../../../api/queries.ts';
import { Answered, EmptyState, PageHead } from '../../../parts/page.tsx';
import { showFullDate } from '../../../show/dates.ts';

/** Two pictures of one spot, the later laid on the earlier by what stays, with a slider between them. */
export function PairPage() {
  const { watchId = '', beforeId = '', afterId = '' } = useParams();
  return (
    <Answered question={usePhotos(watchId)}>
      {(photos) => {
        const pair = [beforeId, afterId].map((id) => photos.find((photo) => photo.id === id));
        const [before, after] = pair;
        return before && after ? (
          <Pair before={before} after={after} />
        ) : (
          <EmptyState title="One of these pictures is not there.">
            <Link className="link-husk" to={`/look/${watchId}`}>
              Back to the watch
            </Link>
          </EmptyState>
        );
      }}
    </Answered>
  );
}

function Pair({ before, after }: { before: Photo; after: Photo }) {
  const plantName = useWatch(before.watchId ?? '').data?.plant.name ?? 'The spot';
  const [share, setShare] = useState(50);
  const clipId = useId();
  const laying = laidOn(fixedIn(after), fixedIn(before));
  const shrink = before.widthPx / after.widthPx;
  const { a, b, moveX, moveY } = laying ?? { a: shrink, b: 0, moveX: 0, moveY: 0 };
  const seam = (share / 100) * before.widthPx;
  return (
    <>
      <PageHead
        title={`${plantName}: ${showFullDate(before.takenOn)} and ${showFullDate(after.takenOn)}`}
        lead={
          laying
            ? 'The later picture is laid on the earlier by the things you marked as staying.'
            : 'Laid edge to edge. Mark two things that stay, such as a fork or a scar, in the same order on both pictures, and they are laid on each other by these.'
        }
      >
        <Link className="btn" to={`/look/${before.watchId}/photo/${before.id}`}>
          Mark the earlier
        </Link>
        <Link className="btn" to={`/look/${before.watchId}/photo/${after.id}`}>
          Mark the later
        </Link>
        <Link className="btn" to={`/look/${before.watchId}`}>
          Back to the watch
        </Link>
      </PageHead>
      <figure className="max-w-[900px]">
        <svg
          viewBox={`0 0 ${before.widthPx} ${before.heightPx}`}
          className="w-full h-auto rounded-lg bg-(--color-base-300)"
          role="img"
          aria-label={`Left of the line ${showFullDate(before.takenOn)}, right of it ${showFullDate(after.takenOn)}`}
        >
          <clipPath id={clipId}>
            <rect x={seam} y={0} width={before.widthPx - seam} height={before.heightPx} />
          </clipPath>
          <image href={photoAddress(before.id)} width={before.widthPx} height={before.heightPx} />
          <g clipPath={`url(#${clipId})`}>
            <rect
              x={seam}
              y={0}
              width={before.widthPx}
              height={before.heightPx}
              fill="var(--color-base-300)"
            />
            <image
              href={photoAddress(after.id)}
              width={after.widthPx}
              height={after.heightPx}
              transform={`matrix(${a} ${b} ${-b} ${a} ${moveX} ${moveY})`}
            />
          </g>
          <line
            x1={seam}
            x2={seam}
            y1={0}
            y2={before.heightPx}
            stroke="#fff"
            strokeWidth={before.widthPx * 0.004}
          />
        </svg>
        <input
          type="range"
          className="range range-primary w-full mt-2"
          min={0}
          max={100}
          value={share}
          aria-label="Where the line between the pictures stands, from the left"
          onChange={(event) => setShare(Number(event.target.value))}
        />
        <figcaption className="soft text-sm">
          Left of the line {showFullDate(before.takenOn)}, {marksWords(before)}; right of it{' '}
          {showFullDate(after.takenOn)}, {marksWords(after)}. Drag the line.
        </figcaption>
      </figure>
    </>
  );
}

const fixedIn = ({ spots, widthPx, heightPx }: Photo) =>
  spots.filter(({ kind }) => kind === 'fixed').map(({ x, y }) => ({ x: x * widthPx, y: y * heightPx }));

function marksWords({ spots }: Photo): string {
  const bumps = spots.filter(({ kind }) => kind === 'bump').length;
  return bumps > 0 ? `${bumps} bumps marked` : 'none marked';
}
