import type { Db } from './database.ts';

/** Pieces of a picture that never came whole are let go of after this. */
const KEPT_FOR_MS = 60 * 24 * 3600 * 1000;

/** Pictures on their way, piece by piece. */
export function pieceStore(db: Db) {
  const held = (photoId: string) =>
    db
      .prepare('SELECT coalesce(sum(length(bytes)), 0) FROM photo_piece WHERE photo_id = ?')
      .pluck()
      .get(photoId) as number;
  return {
    /** How much of a picture has come, in bytes from its start. */
    bytesHeld: held,
    /** Keeps a piece if it begins where what has come ends, and says how much has come. */
    putPiece: (photoId: string, start: number, bytes: Buffer, nowMs: number): number =>
      db.transaction(() => {
        db.prepare('DELETE FROM photo_piece WHERE come_at < ?').run(nowMs - KEPT_FOR_MS);
        if (start === held(photoId) && bytes.length > 0)
          db.prepare('INSERT INTO photo_piece (photo_id, start, bytes, come_at) VALUES (?, ?, ?, ?)').run(
            photoId,
            start,
            bytes,
            nowMs,
          );
        return held(photoId);
      })(),
    /** All that has come of a picture, put together. */
    wholePicture: (photoId: string): Buffer =>
      Buffer.concat(
        db
          .prepare('SELECT bytes FROM photo_piece WHERE photo_id = ? ORDER BY start')
          .pluck()
          .all(photoId) as Buffer[],
      ),
    dropPieces: (photoId: string): void =>
      void db.prepare('DELETE FROM photo_piece WHERE photo_id = ?').run(photoId),
  };
}

export type PieceStore = ReturnType<typeof pieceStore>;
