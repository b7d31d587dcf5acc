import { useQuery, useQueryClient } from '@tanstack/react-query';
import { forgetGarden } from '../outbox/forget-garden.ts';
import { answer, api, ApiProblem } from './client.ts';
import { useWrite } from './use-write.ts';

type DoorAnswer = Awaited<ReturnType<Awaited<ReturnType<typeof api.door.$get>>['json']>>;
/** Without an answer, as without a signal, what is kept on the device is shown. */
const NOT_TOLD: DoorAnswer = { locked: false, letIn: true, damaged: false };

export const useDoor = () =>
  useQuery({
    queryKey: ['door'],
    queryFn: ({ client }) =>
      answer(api.door.$get()).catch((error: unknown) => {
        if (!(error instanceof ApiProblem) || error.status !== 0) throw error;
        return client.getQueryData<DoorAnswer>(['door']) ?? NOT_TOLD;
      }),
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
    await forgetGarden();
  });
}
