-- Photos, shrunk on the device that took them. The picture itself stands apart so that lists stay quick.
CREATE TABLE photo (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  taken_on TEXT NOT NULL,
  taken_from TEXT NOT NULL,
  width_px INTEGER NOT NULL CHECK (width_px > 0),
  height_px INTEGER NOT NULL CHECK (height_px > 0),
  scale TEXT CHECK (scale IS NULL OR json_valid(scale)),
  spots TEXT NOT NULL CHECK (json_valid(spots)),
  note TEXT NOT NULL
) STRICT;

CREATE TABLE photo_image (
  photo_id TEXT PRIMARY KEY REFERENCES photo(id) ON DELETE CASCADE,
  media_type TEXT NOT NULL,
  bytes BLOB NOT NULL
) STRICT;

CREATE INDEX photo_by_watch ON photo(watch_id);
