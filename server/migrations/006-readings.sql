-- What a max-min thermometer showed when it was read; days follow from readings and are not stored.
CREATE TABLE reading (
  id TEXT PRIMARY KEY,
  station_id TEXT NOT NULL REFERENCES station(id),
  read_on TEXT NOT NULL,
  time TEXT NOT NULL,
  low_c REAL NOT NULL,
  high_c REAL NOT NULL CHECK (high_c >= low_c),
  rain_mm REAL
) STRICT;
CREATE INDEX reading_by_station ON reading(station_id, read_on);
