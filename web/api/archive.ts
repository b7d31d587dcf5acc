import { useQuery } from '@tanstack/react-query';
import type { CivilDate } from '#core/calendar';
import type { TakeIn } from '#server/archive/take-in';
import { answer, api } from './client.ts';
import { useWrite } from './use-write.ts';

export const useBackups = () =>
  useQuery({ queryKey: ['backups'], queryFn: () => answer(api.backups.$get()) });
export const useMakeBackup = () => useWrite(() => answer(api.backups.$post()).then((body) => body.backup));
export const useOpenBackup = () =>
  useWrite((name: string) =>
    answer(api.archive['of-backup'].$post({ json: { name } })).then((body) => body.archive),
  );
/** Opens the garden as it stood at the end of a day, by this device's clock. */
export const useOpenDay = () =>
  useWrite((on: CivilDate) =>
    answer(api.archive['of-day'].$post({ json: { on, at: new Date(`${on}T23:59:59`).toISOString() } })).then(
      (body) => body.archive,
    ),
  );
export const useTakeIn = () =>
  useWrite(({ id, how }: { id: string; how: TakeIn }) =>
    answer(api.archive[':id'].$post({ param: { id }, json: { how } })),
  );
export const useDiscard = () =>
  useWrite((id: string) => answer(api.archive[':id'].$delete({ param: { id } })));

export type Preview = Awaited<ReturnType<ReturnType<typeof useOpenBackup>['mutateAsync']>>;

/**
 * Sends an archive as it is; the server reads it and says what it holds. Progress runs from 0 to 1; the
 * signal stops it.
 */
export function sendArchive(
  file: File,
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<Preview> {
  return answer(
    new Promise<Response>((resolve, reject) => {
      const request = new XMLHttpRequest();
      request.open('POST', '/api/archive');
      request.upload.onprogress = ({ loaded, total }) => onProgress(total > 0 ? loaded / total : 0);
      request.onload = () => resolve(new Response(request.responseText, { status: request.status }));
      request.onerror = () => reject(new Error('the server cannot be reached'));
      request.onabort = () => reject(new Error('stopped'));
      signal.addEventListener('abort', () => request.abort());
      request.send(file);
    }),
  ).then((body) => (body as unknown as { archive: Preview }).archive);
}
