import { useQuery } from '@tanstack/react-query';
import type { PhotoRecord } from '#core/records';
import { answer, api } from './client.ts';
import { keepRecord, putEntry } from '../outbox/use-outbox.ts';
import { useWrite } from './use-write.ts';

export const usePhotos = (watchId: string) => useQuery({
  queryKey: ['watches', watchId, 'photos'], queryFn: () => answer(api.watches[':id'].photos.$get({ param: { id: watchId } })).then((body) => body.photos),
});

export const photoAddress = (id: string): string => `/api/photos/${id}/image`;

export const useDescribePhoto = () => useWrite((photo: PhotoRecord) => keepRecord(putEntry('photos', photo, 'marks and note of a photo')));
export const useRemovePhoto = () => useWrite((photo: PhotoRecord) => answer(api.photos[':id'].$delete({ param: { id: photo.id } })));
