import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { type OfflineStanding, offlineStanding } from '../outbox/offline-standing.ts';
import { showDate } from '../show/dates.ts';
import { useToday } from '../show/use-show.ts';

/** Whether this device works without a signal, before anybody goes out with it. */
export function OfflineLine() {
  const today = useToday();
  const [standing, setStanding] = useState<OfflineStanding | null>(null);
  useEffect(() => {
    let here = true;
    void offlineStanding().then((shown) => {
      if (here) setStanding(shown);
    });
    return () => {
      here = false;
    };
  }, []);
  if (standing === null) return null;
  if (standing.kind === 'proven')
    return (
      <p className="mb-3 text-sm font-semibold text-(--husk-deep)">
        This device works without a signal: it was opened so on {showDate(standing.on, today)}.
      </p>
    );
  if (standing.kind === 'not-tried')
    return (
      <p className="mb-3 soft text-sm">
        Its pages are kept on this device. Switch its network off and open Juglans once, before you rely on
        it.
      </p>
    );
  return (
    <p className="mb-3 text-sm text-(--honey-deep) rounded-lg bg-(--honey-pale) px-3 py-1.5">
      This device cannot open Juglans without a signal: its browser does not trust the computer at home yet.
      What you enter while a page stays open is kept, and sent later.{' '}
      <Link className="underline font-semibold" to="/setup/network">
        How it learns to
      </Link>
    </p>
  );
}
