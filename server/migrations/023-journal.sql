-- Where two devices changed the same field of a record: what stands is in the record, the other is kept here until
-- somebody chooses.
CREATE TABLE unsettled (
  came_as TEXT PRIMARY KEY,
  kind TEXT NOT NULL,
  record_id TEXT NOT NULL,
  field TEXT NOT NULL,
  value TEXT NOT NULL,
  entered_on TEXT
) STRICT, WITHOUT ROWID;

-- Pictures on their way, piece by piece, until the last has come.
CREATE TABLE photo_piece (
  photo_id TEXT NOT NULL,
  start INTEGER NOT NULL,
  bytes BLOB NOT NULL,
  come_at INTEGER NOT NULL,
  PRIMARY KEY (photo_id, start)
) STRICT;
