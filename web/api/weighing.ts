import { useQuery } from '@tanstack/react-query';
import { answer, api } from './client.ts';

export const SPOT_QUESTIONS = [
  'helpersSeen',
  'antsSeen',
  'beesAtHoneydew',
  'thirsty',
  'cropIsOff',
  'bloomSoon',
] as const;
export type SpotQuestion = (typeof SPOT_QUESTIONS)[number];
export type SpotAnswers = Partial<Record<SpotQuestion, 'yes' | 'no'>>;

export const useWeighed = (watchId: string, seen: SpotAnswers) =>
  useQuery({
    queryKey: ['watches', watchId, 'weigh', seen],
    placeholderData: (previous) => previous,
    queryFn: () =>
      answer(api.watches[':id'].weigh.$get({ param: { id: watchId }, query: seen })).then(
        (body) => body.answer,
      ),
  });

export const useHour = (hours: string) =>
  useQuery({
    queryKey: ['hour', hours],
    placeholderData: (previous) => previous,
    queryFn: () => answer(api.hour.$get({ query: { hours } })).then((body) => body.jobs),
  });
