import { useRef, useState, type KeyboardEvent } from 'react';
import { scaleBarMm, mmPerPixel } from '#core/picture';
import type { Photo, ScaleMark, Spot, SpotKind } from '#core/records';
import { PhotoImage } from '../../../parts/photo-image.tsx';

/** A place in the picture, as shares of its width and height. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

interface MarkedPhotoProps {
  readonly photo: Photo;
  readonly spots: readonly Spot[];
  readonly scale: ScaleMark | null;
  /** Ends of a scale being set. */
  readonly ends: readonly Point[];
  readonly onPlace: ((point: Point) => void) | null;
  readonly onTakeAway: ((index: number) => void) | null;
}

const STEP = 0.01;
const MOVES: Readonly<Record<string, readonly [dx: number, dy: number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};
/** How near, as a share of the longer side, a tap counts as being on a mark. */
const ON_MARK = 0.018;

/** The usual shape of a phone's pictures, until it is seen. */
const UNMEASURED = { widthPx: 1600, heightPx: 1200 };

const within = (value: number) => Math.min(1, Math.max(0, value));

/** The picture with its marks; taps and the keyboard's cross set and take away. */
export function MarkedPhoto({ photo, spots, scale, ends, onPlace, onTakeAway }: MarkedPhotoProps) {
  const frame = useRef<HTMLDivElement>(null);
  const [cross, setCross] = useState<Point | null>(null);
  // One that waits to be sent is not measured yet.
  const [{ widthPx, heightPx }, setSize] = useState(photo.widthPx > 0 ? photo : UNMEASURED);
  const longPx = Math.max(widthPx, heightPx);

  const act = (point: Point) => {
    const near = onTakeAway
      ? spots.findIndex(
          (spot) =>
            Math.hypot((spot.x - point.x) * widthPx, (spot.y - point.y) * heightPx) < ON_MARK * longPx,
        )
      : -1;
    if (near >= 0) onTakeAway!(near);
    else onPlace?.(point);
  };
  const onKey = (event: KeyboardEvent) => {
    const move = MOVES[event.key];
    if (move) {
      event.preventDefault();
      const factor = event.shiftKey ? 5 : 1;
      setCross((at) => ({
        x: within((at?.x ?? 0.5) + move[0] * factor),
        y: within((at?.y ?? 0.5) + move[1] * factor),
      }));
    } else if (event.key === 'Enter' && cross) {
      event.preventDefault();
      act(cross);
    }
  };
  return (
    <div
      ref={frame}
      tabIndex={0}
      role="group"
      aria-label={`The photo, with ${spots.length} marks. Arrow keys move a cross, Enter sets a mark.`}
      onKeyDown={onKey}
      className={`relative self-start ${onPlace ? 'cursor-crosshair' : ''}`}
      onClick={(event) => {
        const box = frame.current!.getBoundingClientRect();
        setCross(null);
        act({
          x: within((event.clientX - box.left) / box.width),
          y: within((event.clientY - box.top) / box.height),
        });
      }}
    >
      <PhotoImage
        photoId={photo.id}
        onLoad={({ currentTarget: { naturalWidth, naturalHeight } }) => {
          if (photo.widthPx === 0) setSize({ widthPx: naturalWidth, heightPx: naturalHeight });
        }}
        alt={photo.note || 'The photo as it was taken'}
        width={widthPx}
        height={heightPx}
        className="w-full h-auto rounded-lg block"
      />
      <svg
        viewBox={`0 0 ${widthPx} ${heightPx}`}
        className="absolute inset-0 w-full h-full"
        aria-hidden="true"
      >
        <g style={{ filter: `drop-shadow(0 0 ${longPx * 0.002}px #000)` }}>
          {spots.map((spot, i) => (
            <SpotMark
              key={i}
              kind={spot.kind}
              x={spot.x * widthPx}
              y={spot.y * heightPx}
              size={longPx * 0.011}
            />
          ))}
        </g>
        {scale && (
          <Stretch
            x1={scale.fromX * widthPx}
            y1={scale.fromY * heightPx}
            x2={scale.toX * widthPx}
            y2={scale.toY * heightPx}
            longPx={longPx}
          />
        )}
        {ends.map((end, i) => (
          <circle
            key={i}
            cx={end.x * widthPx}
            cy={end.y * heightPx}
            r={longPx * 0.008}
            fill="#fff"
            stroke="#1d1a16"
            strokeWidth={longPx * 0.002}
          />
        ))}
        {scale && <ScaleBar scale={scale} photo={photo} longPx={longPx} />}
        {cross && (
          <path
            d={`M${cross.x * widthPx - longPx * 0.02} ${cross.y * heightPx}h${longPx * 0.04}M${cross.x * widthPx} ${cross.y * heightPx - longPx * 0.02}v${longPx * 0.04}`}
            stroke="#fff"
            strokeWidth={longPx * 0.003}
            style={{ paintOrder: 'stroke' }}
          />
        )}
      </svg>
    </div>
  );
}

/** Told apart by shape: a ring for a bump, a filled dot for a hole, a square for a mine, a cross for what stays. */
function SpotMark({ kind, x, y, size }: { kind: SpotKind; x: number; y: number; size: number }) {
  const edge = { stroke: '#fff', strokeWidth: size * 0.3 };
  if (kind === 'fixed')
    return (
      <path
        d={`M${x - size} ${y}h${size * 2}M${x} ${y - size}v${size * 2}`}
        {...edge}
        strokeWidth={size * 0.45}
      />
    );
  if (kind === 'hole') return <circle cx={x} cy={y} r={size * 0.75} fill="#1d1a16" {...edge} />;
  if (kind === 'mine')
    return (
      <rect
        x={x - size}
        y={y - size}
        width={size * 2}
        height={size * 2}
        fill="none"
        {...edge}
        strokeWidth={size * 0.4}
      />
    );
  return <circle cx={x} cy={y} r={size} fill="none" {...edge} strokeWidth={size * 0.4} />;
}

function Stretch({
  x1,
  y1,
  x2,
  y2,
  longPx,
}: {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
  longPx: number;
}) {
  return (
    <>
      <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="#1d1a16" strokeWidth={longPx * 0.006} />
      <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="#fff" strokeWidth={longPx * 0.003} />
    </>
  );
}

function ScaleBar({ scale, photo, longPx }: { scale: ScaleMark; photo: Photo; longPx: number }) {
  const lengthMm = scaleBarMm(scale, photo);
  if (lengthMm === null) return null;
  const widthPx = lengthMm / mmPerPixel(scale, photo);
  const [left, foot] = [longPx * 0.025, photo.heightPx - longPx * 0.025];
  return (
    <g>
      <rect
        x={left - longPx * 0.01}
        y={foot - longPx * 0.035}
        width={widthPx + longPx * 0.02}
        height={longPx * 0.05}
        rx={longPx * 0.005}
        fill="#1d1a16"
        opacity="0.75"
      />
      <rect x={left} y={foot} width={widthPx} height={longPx * 0.005} fill="#fff" />
      <text x={left} y={foot - longPx * 0.008} fontSize={longPx * 0.02} fill="#fff" fontWeight="600">
        {lengthMm} mm
      </text>
    </g>
  );
}
