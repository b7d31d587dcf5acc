import { useQuery } from '@tanstack/react-query';
import type {
  MonthlyNormalRecord,
  PairedReading,
  Station,
  WeatherFixRecord,
  WeatherImport,
} from '#core/records';
import type { WeatherDay } from '#core/weather';
import { answer, api } from './client.ts';
import { at } from './queries.ts';
import { useWrite } from './use-write.ts';

/** How often a file that is being read is asked after, and one that may come. */
const READING_MS = 1000,
  WAITING_MS = 4000;

export const useStations = () =>
  useQuery({
    queryKey: ['stations'],
    queryFn: () => answer(api.stations.$get()).then((body) => body.stations),
  });
export const useReadings = (stationId: string) =>
  useQuery({
    queryKey: ['stations', stationId, 'readings'],
    queryFn: () =>
      answer(api.stations[':id'].readings.$get({ param: { id: stationId } })).then((body) => body.readings),
  });
export const useForecast = (stationId: string) =>
  useQuery({
    queryKey: ['stations', stationId, 'forecast'],
    queryFn: () =>
      answer(api.stations[':id'].forecast.$get({ param: { id: stationId } })).then((body) => body.days),
  });
export const usePutForecast = () =>
  useWrite(({ stationId, days }: { stationId: string; days: WeatherDay[] }) =>
    answer(api.stations[':id'].forecast.$put({ param: { id: stationId }, json: { days } })),
  );
export const useStationCheck = (stationId: string) =>
  useQuery({
    queryKey: ['stations', stationId, 'check'],
    queryFn: () =>
      answer(api.stations[':id'].check.$get({ param: { id: stationId } })).then((body) => body.check),
  });
export const useWeatherFiles = () =>
  useQuery({
    queryKey: ['weather-files'],
    queryFn: () => answer(api['weather-files'].$get()),
    refetchInterval: ({ state }) => (state.data?.reading ? READING_MS : WAITING_MS),
  });
export const useOffset = (placeId: string) =>
  useQuery({
    queryKey: ['places', placeId, 'offset'],
    queryFn: () =>
      answer(api.places[':id'].offset.$get({ param: { id: placeId } })).then((body) => body.learned),
  });
export const useNormals = () =>
  useQuery({ queryKey: ['normals'], queryFn: () => answer(api.normals.$get()) });
export const usePutNormals = () =>
  useWrite((normals: MonthlyNormalRecord[]) => answer(api.normals.$put({ json: { normals } })));
export const usePutFix = () =>
  useWrite((fix: WeatherFixRecord) => answer(api['weather-fixes'][':id'].$put({ ...at(fix), json: fix })));
export const useRemoveFix = () =>
  useWrite((fix: WeatherFixRecord) => answer(api['weather-fixes'][':id'].$delete(at(fix))));
export const usePutPair = () =>
  useWrite((pair: PairedReading) => answer(api['paired-readings'][':id'].$put({ ...at(pair), json: pair })));
export const useRemovePair = () =>
  useWrite((pair: PairedReading) => answer(api['paired-readings'][':id'].$delete(at(pair))));
export const usePutStation = () =>
  useWrite((station: Station) => answer(api.stations[':id'].$put({ ...at(station), json: station })));
export const useImportDays = () =>
  useWrite(({ stationId, ...json }: WeatherImport & { stationId: string }) =>
    answer(api.stations[':id'].days.$post({ param: { id: stationId }, json })).then((body) => body.outcome),
  );
