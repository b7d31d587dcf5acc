import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import type { StationSummary } from '#answers';
import { useStations } from '../../api/weather.ts';
import { Answered, EmptyState } from '../../parts/page.tsx';
import { WhenNav } from './when-nav.tsx';

/** A page about the thermometer its address names. */
export function ForStation({ children }: { children: (station: StationSummary) => ReactNode }) {
  const { stationId = '' } = useParams();
  return (
    <>
      <WhenNav />
      <Answered question={useStations()}>
        {(stations) => {
          const station = stations.find(({ id }) => id === stationId);
          return station ? (
            children(station)
          ) : (
            <EmptyState title="There is no such thermometer.">
              <Link className="link-husk" to="/when/stations">
                To the thermometers
              </Link>
            </EmptyState>
          );
        }}
      </Answered>
    </>
  );
}
