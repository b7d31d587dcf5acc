import { useState } from 'react';
import type { Spot } from '#core/ground';
import { turned } from '#core/ground';
import type { GroundShape, Place } from '#core/records';
import { Field } from '../../../parts/field.tsx';
import { useShow } from '../../../show/use-show.ts';

const TURN_STEP_DEG = 15;

/** Where a thing stands, by numbers: all that can be dragged can be typed. */
export function SpotFields({ spot, onSpot }: { readonly spot: Spot; readonly onSpot: (spot: Spot) => void }) {
  const show = useShow();
  return (
    <div className="grid grid-cols-2 gap-3">
      <LengthField
        label={`From the left, ${show.lengthUnit}`}
        valueM={spot.xM}
        least={-1000}
        onM={(xM) => onSpot({ ...spot, xM })}
      />
      <LengthField
        label={`From the top, ${show.lengthUnit}`}
        valueM={spot.yM}
        least={-1000}
        onM={(yM) => onSpot({ ...spot, yM })}
      />
      <div className="col-span-2 flex flex-wrap items-end gap-2">
        <TurnField turnDeg={spot.turnDeg} onTurn={(turnDeg) => onSpot({ ...spot, turnDeg })} />
        <button
          type="button"
          className="btn btn-sm min-h-11"
          onClick={() => onSpot({ ...spot, turnDeg: turned(spot.turnDeg - TURN_STEP_DEG, TURN_STEP_DEG) })}
        >
          Turn left
        </button>
        <button
          type="button"
          className="btn btn-sm min-h-11"
          onClick={() => onSpot({ ...spot, turnDeg: turned(spot.turnDeg + TURN_STEP_DEG, TURN_STEP_DEG) })}
        >
          Turn right
        </button>
      </div>
    </div>
  );
}

function TurnField({
  turnDeg,
  onTurn,
}: {
  readonly turnDeg: number;
  readonly onTurn: (turnDeg: number) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    const value = typed === null ? Number.NaN : Number(typed);
    setTyped(null);
    if (Number.isFinite(value)) onTurn(turned(value, 1));
  };
  return (
    <Field label="Turned, °">
      <input
        className="input w-24"
        inputMode="numeric"
        value={typed ?? String(Math.round(turnDeg))}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
      />
    </Field>
  );
}

/** A length in the garden's unit, kept when one leaves the field; what is no length is said and not kept. */
export function LengthField({
  label,
  valueM,
  least,
  onM,
}: {
  readonly label: string;
  readonly valueM: number | null;
  readonly least: number;
  readonly onM: (metres: number) => void;
}) {
  const show = useShow();
  const [typed, setTyped] = useState<string | null>(null);
  const [error, setError] = useState<string>();
  const keep = () => {
    if (typed === null) return;
    const metres = show.typedMetres(typed);
    if (!Number.isFinite(metres)) return setError('is no length');
    if (metres < least || metres > 1000)
      return setError(least > 0 ? 'must be above 0 and on the plan' : 'lies off the plan');
    setError(undefined);
    setTyped(null);
    onM(metres);
  };
  return (
    <Field label={label} error={error}>
      <input
        className="input w-full"
        inputMode="decimal"
        value={typed ?? (valueM === null ? '' : String(show.lengthNumber(valueM)))}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
      />
    </Field>
  );
}

/** What a drawn thing is called, how large it is and which place can be in it. */
export function ShapeFields({
  shape,
  places,
  onShape,
}: {
  readonly shape: GroundShape;
  readonly places: readonly Place[];
  readonly onShape: (shape: GroundShape) => void;
}) {
  const show = useShow();
  const [name, setName] = useState(shape.name);
  const isRoom = shape.kind === 'house' || shape.kind === 'shed' || shape.kind === 'glass';
  return (
    <div className="flex flex-col gap-3">
      <Field label="Name">
        <input
          className="input w-full"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
          onBlur={() => name !== shape.name && onShape({ ...shape, name: name.trim() })}
        />
      </Field>
      <div className="grid grid-cols-3 gap-3">
        <LengthField
          label={`Long, ${show.lengthUnit}`}
          valueM={shape.lengthM}
          least={0.01}
          onM={(lengthM) => onShape({ ...shape, lengthM })}
        />
        <LengthField
          label={`Deep, ${show.lengthUnit}`}
          valueM={shape.depthM}
          least={0.01}
          onM={(depthM) => onShape({ ...shape, depthM })}
        />
        <LengthField
          label={`High, ${show.lengthUnit}`}
          valueM={shape.heightM}
          least={0.01}
          onM={(heightM) => onShape({ ...shape, heightM })}
        />
      </div>
      {isRoom && (
        <Field label="Pots in it stand in" hint="then pots kept in that place are drawn in it">
          <select
            className="select w-full"
            value={shape.placeId ?? ''}
            onChange={(event) => onShape({ ...shape, placeId: event.target.value || null })}
          >
            <option value="">no place of the garden</option>
            {places
              .filter(({ kind }) => kind !== 'outdoors')
              .map(({ id, name: placeName }) => (
                <option key={id} value={id}>
                  {placeName}
                </option>
              ))}
          </select>
        </Field>
      )}
    </div>
  );
}
