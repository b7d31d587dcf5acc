-- The 24 hours of a day where a logger told them, °C.
ALTER TABLE station_day ADD COLUMN hours_c TEXT CHECK (hours_c IS NULL OR json_valid(hours_c));

-- Stations that stand in, in this order, where a place's own is silent.
ALTER TABLE place ADD COLUMN stand_in_ids TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(stand_in_ids));

-- What was decided about doubtful days; the readings stay as they came.
CREATE TABLE weather_fix (
  id TEXT PRIMARY KEY,
  station_id TEXT NOT NULL REFERENCES station(id),
  from_day TEXT NOT NULL,
  to_day TEXT NOT NULL CHECK (to_day >= from_day),
  kind TEXT NOT NULL,
  why TEXT NOT NULL
) STRICT;
CREATE INDEX weather_fix_by_station ON weather_fix(station_id);

-- A place read for a day beside its station, to learn how they differ.
CREATE TABLE paired_reading (
  id TEXT PRIMARY KEY,
  place_id TEXT NOT NULL REFERENCES place(id),
  on_day TEXT NOT NULL,
  low_c REAL NOT NULL,
  high_c REAL NOT NULL CHECK (high_c >= low_c)
) STRICT;
CREATE INDEX paired_reading_by_place ON paired_reading(place_id);

-- Files found in the watched folder: what each was when last read, and what came of it.
CREATE TABLE weather_file (
  name TEXT PRIMARY KEY,
  stamp TEXT NOT NULL,
  read_on TEXT NOT NULL,
  outcome TEXT NOT NULL CHECK (json_valid(outcome))
) STRICT;
