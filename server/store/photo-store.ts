import type { Photo, PhotoRecord } from '#core/records';
import type { Db } from './database.ts';

export interface PhotoImage {
  readonly mediaType: string;
  readonly bytes: Buffer;
}

type PhotoRow = Omit<Photo, 'scale' | 'spots'> & { scale: string | null; spots: string };

const COLUMNS =
  'id, watch_id AS watchId, plant_id AS plantId, taken_on AS takenOn, taken_from AS takenFrom, width_px AS widthPx, ' +
  'height_px AS heightPx, scale, spots, tag_id AS tagId, spot, note';

/** Photos of watches, each with its picture. */
export function photoStore(db: Db) {
  const toPhoto = (row: PhotoRow): Photo => ({
    ...row,
    scale: row.scale ? (JSON.parse(row.scale) as Photo['scale']) : null,
    spots: JSON.parse(row.spots) as Photo['spots'],
  });
  const asRow = <T extends PhotoRecord>(photo: T) => ({
    ...photo,
    scale: photo.scale && JSON.stringify(photo.scale),
    spots: JSON.stringify(photo.spots),
  });
  return {
    photos: (watchId: string): Photo[] =>
      (
        db
          .prepare(`SELECT ${COLUMNS} FROM photo WHERE watch_id = ? ORDER BY taken_on, id`)
          .all(watchId) as PhotoRow[]
      ).map(toPhoto),
    allPhotos: (): Photo[] =>
      (db.prepare(`SELECT ${COLUMNS} FROM photo ORDER BY taken_on, id`).all() as PhotoRow[]).map(toPhoto),
    photo(id: string): Photo | undefined {
      const row = db.prepare(`SELECT ${COLUMNS} FROM photo WHERE id = ?`).get(id) as PhotoRow | undefined;
      return row && toPhoto(row);
    },
    photoImage: (id: string) =>
      db.prepare('SELECT media_type AS mediaType, bytes FROM photo_image WHERE photo_id = ?').get(id) as
        PhotoImage | undefined,
    /** Keeps the photo and its picture together, or neither. */
    putPhoto(photo: Photo, image: PhotoImage): void {
      db.transaction(() => {
        db.prepare(
          `INSERT INTO photo (id, watch_id, plant_id, taken_on, taken_from, width_px, height_px, scale, spots, tag_id, spot, note)
          VALUES (@id, @watchId, @plantId, @takenOn, @takenFrom, @widthPx, @heightPx, @scale, @spots, @tagId, @spot, @note)
          ON CONFLICT (id) DO UPDATE SET watch_id = @watchId, plant_id = @plantId, taken_on = @takenOn, taken_from = @takenFrom, width_px = @widthPx, height_px = @heightPx,
            scale = @scale, spots = @spots, tag_id = @tagId, spot = @spot, note = @note`,
        ).run(asRow(photo));
        db.prepare(
          `INSERT INTO photo_image (photo_id, media_type, bytes) VALUES (@id, @mediaType, @bytes)
          ON CONFLICT (photo_id) DO UPDATE SET media_type = @mediaType, bytes = @bytes`,
        ).run({ id: photo.id, ...image });
      })();
    },
    /** Changes what is known of a photo, not its picture. */
    describePhoto: (photo: PhotoRecord) =>
      db
        .prepare(
          `UPDATE photo SET watch_id = @watchId, plant_id = @plantId, taken_on = @takenOn, taken_from = @takenFrom,
      scale = @scale, spots = @spots, tag_id = @tagId, spot = @spot, note = @note WHERE id = @id`,
        )
        .run(asRow(photo)).changes > 0,
  };
}

export type PhotoStore = ReturnType<typeof photoStore>;
