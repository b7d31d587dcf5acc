import { LEAF_BOX, leafEdge, type Cover, type DamageKind, type DrawnLeaf, type DrawnTwig } from '#core/eye';

const EDGE = `M${leafEdge()
  .map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`)
  .join('L')}Z`;

const DAMAGE_FILL: Readonly<Record<DamageKind, string>> = {
  spots: '#5b3f25',
  rust: '#b5561d',
  mines: '#d9d3ac',
  mildew: '#f1efe8',
};

/** A leaf as the eye trainer draws it. Without a label it stands beside its words and is not read out. */
export function LeafDrawing({
  leaf,
  label,
  className,
}: {
  leaf: DrawnLeaf;
  label: string;
  className?: string;
}) {
  const patches = leaf.patches
    .map(
      ({ x, y, r }) =>
        `M${(x - r).toFixed(2)} ${y.toFixed(2)}a${r.toFixed(2)} ${r.toFixed(2)} 0 1 0 ${(2 * r).toFixed(2)} 0a${r.toFixed(2)} ${r.toFixed(2)} 0 1 0 ${(-2 * r).toFixed(2)} 0`,
    )
    .join('');
  const clip = `leaf-${leaf.kind}-${leaf.patches.length}-${Math.round(leaf.truthPercent * 1000)}`;
  return (
    <svg
      viewBox={`0 0 ${LEAF_BOX.width} ${LEAF_BOX.height}`}
      className={className}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
    >
      <clipPath id={clip}>
        <path d={EDGE} />
      </clipPath>
      <path d={EDGE} fill="#7f9f5a" stroke="#4c6632" strokeWidth="0.8" />
      <path d={patches} fill={DAMAGE_FILL[leaf.kind]} clipPath={`url(#${clip})`} />
      <path d="M4 30H96" stroke="#4c6632" strokeWidth="0.5" opacity="0.5" />
    </svg>
  );
}

/** Ten centimetres of twig with its covers: plump live ones, flat grey dead ones, holed ones. */
export function TwigDrawing({
  twig,
  label,
  className,
}: {
  twig: DrawnTwig;
  label: string;
  className?: string;
}) {
  return (
    <svg viewBox="0 0 100 24" className={className} role="img" aria-label={label}>
      <path d="M0 5Q30 3 60 5T100 4V20Q70 21 40 19T0 20Z" fill="#8c6a48" stroke="#5a4029" strokeWidth="0.5" />
      {twig.covers.map((cover, i) => (
        <CoverMark key={i} cover={cover} />
      ))}
    </svg>
  );
}

function CoverMark({ cover: { kind, x, y, turnDeg } }: { cover: Cover }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${turnDeg})`}>
      <ellipse
        rx="1.35"
        ry="0.95"
        fill={kind === 'live' ? '#e2b36a' : '#b9b1a4'}
        stroke={kind === 'live' ? '#6d4519' : '#6f675b'}
        strokeWidth="0.22"
      />
      {kind === 'live' && <ellipse cx="-0.4" cy="-0.25" rx="0.4" ry="0.25" fill="#fbe7bf" />}
      {kind === 'dead' && <path d="M-0.8 0.1L0.8 -0.15" stroke="#6f675b" strokeWidth="0.2" />}
      {kind === 'holed' && <circle r="0.48" fill="#1d1a16" />}
    </g>
  );
}
