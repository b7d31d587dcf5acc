import { queryOptions, useQuery } from '@tanstack/react-query';
import type { PhotoRecord } from '#core/records';
import { photoAddress } from './photo-address.ts';
import { answer, api } from './client.ts';
import { keepRecord, putEntry } from '../outbox/use-outbox.ts';
import { useWrite } from './use-write.ts';

export const photosOfWatch = (watchId: string) =>
  queryOptions({
    queryKey: ['watches', watchId, 'photos'],
    queryFn: () =>
      answer(api.watches[':id'].photos.$get({ param: { id: watchId } })).then((body) => body.photos),
  });

/** Those that show a plant and no trouble of it. */
export const photosOfPlant = (plantId: string) =>
  queryOptions({
    queryKey: ['plants', plantId, 'photos'],
    queryFn: () =>
      answer(api.plants[':id'].photos.$get({ param: { id: plantId } })).then((body) => body.photos),
  });

export const usePhotos = (watchId: string) => useQuery(photosOfWatch(watchId));

export const useDescribePhoto = () =>
  useWrite(({ from, to }: { from: PhotoRecord; to: PhotoRecord }) =>
    keepRecord(putEntry('photos', to, 'marks and note of a photo', from)),
  );

/** Takes a photo out and gives what is needed to put it back: its record and its picture, held in memory. */
export const useRemovePhoto = () =>
  useWrite(async (photo: PhotoRecord) => {
    const image = await fetch(photoAddress(photo.id)).then((response) => response.blob());
    await answer(api.photos[':id'].$delete({ param: { id: photo.id } }));
    const { id, watchId, plantId, takenOn, takenFrom, scale, spots, tagId, spot, note } = photo;
    const record: PhotoRecord = { id, watchId, plantId, takenOn, takenFrom, scale, spots, tagId, spot, note };
    return () =>
      keepRecord({
        method: 'PUT',
        path: `/photos/${id}/image`,
        json: JSON.stringify(record),
        image,
        label: 'a photo',
      });
  });
