import { useState } from 'react';
import { nearestTown, type FoundTown, useTowns } from '../api/towns.ts';
import { Field } from './field.tsx';

interface TownFieldProps {
  /** A town, or the device's own position with the town nearest to it. */
  readonly onChoose: (town: FoundTown) => void;
}

const countries = new Intl.DisplayNames(['en'], { type: 'region' });
export const townWords = ({ name, region, country }: FoundTown) =>
  [name, region, countries.of(country)].filter(Boolean).join(', ');

/** Where the garden is: by a town's name, or by where the device is. */
export function TownField({ onChoose }: TownFieldProps) {
  const [typed, setTyped] = useState('');
  const [said, setSaid] = useState<string>();
  const towns = useTowns(typed);
  const listed = typed.trim().length < 2 ? [] : (towns.data ?? []);
  const choose = (town: FoundTown) => {
    setTyped('');
    setSaid(undefined);
    onChoose(town);
  };
  const useOwnPosition = () => {
    setSaid('Asking this device…');
    whereAmI()
      .then(async ({ latitudeDeg, longitudeDeg }) => {
        const near = await nearestTown(latitudeDeg, longitudeDeg);
        if (!near) return setSaid('No town is near that position: type coordinates instead.');
        choose({ ...near, latitudeDeg, longitudeDeg });
      })
      .catch((error: Error) => setSaid(error.message));
  };
  return (
    <div className="flex flex-col gap-2">
      <Field
        label="A town near it"
        hint="a small one will do; with a comma and its country or state if it is a common name"
      >
        <input
          className="input w-full"
          autoComplete="off"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </Field>
      <ul aria-label="Towns of that name" className="flex flex-col gap-1 empty:hidden">
        {listed.map((town) => (
          <li key={`${townWords(town)} ${town.latitudeDeg} ${town.longitudeDeg}`}>
            <button
              type="button"
              className="btn btn-sm h-auto min-h-11 py-1 w-full justify-start text-left"
              onClick={() => choose(town)}
            >
              {townWords(town)}
            </button>
          </li>
        ))}
      </ul>
      {typed.trim().length >= 2 && towns.isSuccess && listed.length === 0 && (
        <p role="status">No town of that name is listed. Try the next larger one, or type coordinates.</p>
      )}
      <button type="button" className="link-husk self-start" onClick={useOwnPosition}>
        Use where this device is
      </button>
      {said && <p role="status">{said}</p>}
    </div>
  );
}

interface Position {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

/** To about a kilometre: a garden's address is nobody's business. */
function whereAmI(): Promise<Position> {
  const hundredth = (value: number) => Math.round(value * 100) / 100;
  return new Promise((resolve, reject) => {
    if (!('geolocation' in navigator)) return reject(new Error('This device does not tell where it is.'));
    navigator.geolocation.getCurrentPosition(
      ({ coords }) =>
        resolve({ latitudeDeg: hundredth(coords.latitude), longitudeDeg: hundredth(coords.longitude) }),
      () => reject(new Error('This device did not tell where it is: type a town.')),
      { timeout: 20_000 },
    );
  });
}
