import type { ReactNode } from 'react';
import type { GuidePlate, PlateSubject } from '#knowledge';
import { signDrawing } from '../plates.tsx';
import { groundOf } from './grounds.tsx';
import { insectDrawing } from './insect-subjects.tsx';
import { mineDrawing } from './mine-subjects.tsx';
import { eggDrawing, MUMMY, TWIG_GALL } from './other-subjects.tsx';
import { BOX, type Placed, plateView } from './plate-view.ts';
import {
  crawlerDrawing,
  domeDrawing,
  feltDrawing,
  flatDrawing,
  sacDrawing,
  waxDrawing,
} from './body-subjects.tsx';
import { coverDrawing, turnedDrawing } from './cover-subjects.tsx';
import { coatDrawing, leafPiece, spotDrawing, spotsDrawing } from './spot-subjects.tsx';

/** The drawings of signs are made in a box of two thirds the size. */
const SIGN_SCALE = 1.5;

/** One of a kind, one step long. */
function oneOf(subject: PlateSubject): ReactNode {
  switch (subject.kind) {
    case 'cover':
      return coverDrawing(subject);
    case 'dome':
      return domeDrawing(subject);
    case 'flat':
      return flatDrawing(subject);
    case 'wax':
      return waxDrawing(subject);
    case 'sac':
      return sacDrawing(subject);
    case 'felt':
      return feltDrawing(subject);
    case 'crawler':
      return crawlerDrawing(subject);
    case 'turned':
      return turnedDrawing(subject);
    case 'insect':
      return insectDrawing(subject);
    case 'egg-batch':
      return eggDrawing(subject);
    case 'spots':
      return spotDrawing(subject);
    default:
      return null;
  }
}

/** What is longer than this needs no drawing of its size. */
const TRUE_SIZE_UP_TO_MM = 16;

/** Whether one of it stands by itself and is small enough to be shown as large as it is. */
export const hasTrueSize = ({ subject, lengthMm }: GuidePlate): boolean =>
  lengthMm !== null &&
  subject.kind !== 'spots' &&
  middleMm(lengthMm) <= TRUE_SIZE_UP_TO_MM &&
  oneOf(subject) !== null;

const middleMm = ([shortest, longest]: readonly [number, number]) => (shortest + longest) / 2;

const seated = ({ x, y, turnDeg, length }: Placed) =>
  `translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${turnDeg}) scale(${length.toFixed(2)})`;

function drawn(plate: GuidePlate, wishedAcrossMm?: number): ReactNode {
  const { subject, lengthMm, on } = plate;
  const { acrossMm, placed } = plateView(plate, wishedAcrossMm);
  const perMm = BOX.width / acrossMm;
  if (subject.kind === 'sign')
    return <g transform={`scale(${SIGN_SCALE})`}>{signDrawing(subject.checkId)}</g>;
  if (subject.kind === 'mummy') return MUMMY;
  if (subject.kind === 'twig-gall') return TWIG_GALL;
  if (subject.kind === 'spots' && placed.length === 0)
    return spotsDrawing(subject, lengthMm, perMm, on === 'fruit');
  if (subject.kind === 'coat') return coatDrawing(subject);
  if (subject.kind === 'mine') return mineDrawing(subject, lengthMm, perMm);
  return (
    <>
      {subject.kind === 'spots' ? leafPiece(subject.tint) : groundOf(on, perMm)}
      {placed.map((seat) => (
        <g key={`${seat.x}-${seat.y}`} transform={seated(seat)}>
          {oneOf(subject)}
        </g>
      ))}
    </>
  );
}

/** A plate of the guide. It stands beside its words, so it is not read out. */
export function PlateDrawing({
  plate,
  acrossMm,
  className,
}: {
  plate: GuidePlate;
  /** Another scale than its own, where it stands beside its like. */
  acrossMm?: number | undefined;
  className?: string;
}) {
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      className={`rounded-md bg-[#f3f5ef] ${className ?? ''}`}
      aria-hidden
    >
      {drawn(plate, acrossMm)}
    </svg>
  );
}

/** One as large as it is: exact on paper, as near as the screen knows its own size. */
export function TrueSize({ plate: { subject, lengthMm } }: { plate: GuidePlate }) {
  const mm = middleMm(lengthMm!);
  return (
    <svg
      aria-hidden
      viewBox="-0.6 -0.6 1.2 1.2"
      style={{ width: `${mm * 1.2}mm`, height: `${mm * 1.2}mm` }}
      className="shrink-0 max-w-none! rounded-sm bg-[#bccfab]"
    >
      {oneOf(subject)}
    </svg>
  );
}
