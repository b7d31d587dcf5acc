import { useState } from 'react';
import { handWays, type HandWays, setHandWays } from './hand-ways.ts';
import { Choices } from './field.tsx';
import { applyTheme, chosenTheme, type Theme } from './theme.ts';

const SWITCHES: readonly (readonly [way: keyof HandWays, words: string])[] = [
  ['hold', 'Finish a count or a round by holding the button: wet gloves end nothing by accident'],
  ['vibrate', 'A short buzz with each tap of a count, where the device can'],
  ['sound', 'A click with each tap of a count'],
];

/** How this device is read and touched outdoors. */
export function HandSettings() {
  const [theme, setTheme] = useState<Theme>(chosenTheme);
  const [ways, setWays] = useState(handWays);
  return (
    <div className="sheet p-4 flex flex-col gap-4">
      <Choices
        legend="Light or dark"
        value={theme}
        onChange={(chosen) => {
          applyTheme(chosen);
          setTheme(chosen);
        }}
        options={[
          { id: 'system', label: 'as the device' },
          { id: 'lichen', label: 'light' },
          { id: 'walnut', label: 'dark' },
          { id: 'noon', label: 'bright sun' },
        ]}
      />
      {SWITCHES.map(([way, words]) => (
        <label key={way} className="flex items-center gap-3 min-h-11">
          <input
            type="checkbox"
            className="checkbox"
            checked={ways[way]}
            onChange={(event) => {
              const next = { ...ways, [way]: event.target.checked };
              setHandWays(next);
              setWays(next);
            }}
          />{' '}
          {words}
        </label>
      ))}
    </div>
  );
}
