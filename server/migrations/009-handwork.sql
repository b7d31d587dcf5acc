-- Work by hand against a trouble, logged like a spray.
CREATE TABLE handwork (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  on_day TEXT NOT NULL,
  kind TEXT NOT NULL,
  minutes INTEGER CHECK (minutes >= 0),
  note TEXT NOT NULL
) STRICT;
CREATE INDEX handwork_by_watch ON handwork(watch_id);
