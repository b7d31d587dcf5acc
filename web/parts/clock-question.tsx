import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { DayDoubt } from '#core/calendar';
import { askAnew } from '../api/ask-anew.ts';
import { dayHere, trustClock } from '../outbox/day-here.ts';
import { packLabel, type PackLabel } from '../outbox/pack.ts';
import { showFullDate } from '../show/dates.ts';
import { dayIn } from '../show/day-in.ts';

const WHY: Readonly<Record<DayDoubt, string>> = {
  apart: 'This device’s clock and the one at home show different days.',
  'set-back': 'This device’s clock was set back since it was last at home.',
  'long-ago':
    'It is more than a month since this device compared its clock with the one at home: if it shows a wrong day, set it right first.',
};

/** Asks which day it is, where a device on its own cannot be sure: what is entered is dated by it. */
export function ClockQuestion() {
  const client = useQueryClient();
  const [label, setLabel] = useState<PackLabel | null>(null);
  const [answered, setAnswered] = useState(0);
  const [nowMs, setNowMs] = useState(0);
  useEffect(() => {
    let isHere = true;
    void packLabel().then((packed) => {
      if (!isHere) return;
      setLabel(packed);
      setNowMs(Date.now());
    });
    return () => {
      isHere = false;
    };
  }, [answered]);
  if (!label || nowMs === 0) return null;
  const { day, doubt, other } = dayHere(label, nowMs);
  if (!doubt) return null;
  const here = dayIn(label.timeZone, nowMs);
  const answer = (chosen: string) => {
    trustClock(label, chosen === here ? 'here' : 'at-home');
    setAnswered((n) => n + 1);
    void askAnew(client);
  };
  return (
    <div role="alert" className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
      <span>
        <b>{WHY[doubt]}</b> Which day is it? Until you say, {showFullDate(day)} is written.
      </span>
      {[day, ...(other ? [other] : [])].map((one) => (
        <button key={one} type="button" className="btn btn-sm" onClick={() => answer(one)}>
          {showFullDate(one)}
        </button>
      ))}
    </div>
  );
}
