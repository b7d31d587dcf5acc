import { useQuery, useQueryClient } from '@tanstack/react-query';
import { forgetKeptAnswers } from '../outbox/kept-answers.ts';
import { answer, api } from './client.ts';
import { useWrite } from './use-write.ts';

export const useDoor = () =>
  useQuery({
    queryKey: ['door'],
    queryFn: () => answer(api.door.$get()),
    staleTime: 5 * 60_000,
    retry: false,
  });
export const useNetwork = () =>
  useQuery({ queryKey: ['network'], queryFn: () => answer(api.network.$get()).then((body) => body.network) });

export const useLogIn = () =>
  useWrite((passphrase: string) => answer(api.door.$post({ json: { passphrase } })));
export const useSetPassphrase = () =>
  useWrite((change: { passphrase: string; current: string }) =>
    answer(api.network.passphrase.$put({ json: change })),
  );
export const useRemovePassphrase = () =>
  useWrite((passphrase: string) => answer(api.network.passphrase.removal.$post({ json: { passphrase } })));
export const useListen = () =>
  useWrite((how: { listen: boolean; https: boolean }) => answer(api.network.$put({ json: how })));
export const useShutOut = () =>
  useWrite((id: string) => answer(api.network.devices[':id{[0-9a-f]{16}}'].$delete({ param: { id } })));

/** Ends this device's session and takes the answers kept on it away. */
export function useLogOut() {
  const client = useQueryClient();
  return useWrite(async () => {
    await answer(api.door.$delete());
    client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'door' });
    await forgetKeptAnswers();
  });
}
