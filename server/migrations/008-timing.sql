-- What was seen that starts or overrides a clock: a first steady catch, first crawlers, all stages at once.
CREATE TABLE sighting (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  on_day TEXT NOT NULL,
  what TEXT NOT NULL
) STRICT;
CREATE INDEX sighting_by_watch ON sighting(watch_id);

-- Which school the garden follows, by question; an absent question follows the first.
ALTER TABLE garden ADD COLUMN schools TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(schools));

-- A place's usual months, for futures where too few years were measured.
CREATE TABLE monthly_normal (
  month INTEGER PRIMARY KEY CHECK (month BETWEEN 1 AND 12),
  min_c REAL NOT NULL,
  max_c REAL NOT NULL CHECK (max_c >= min_c),
  rain_mm REAL NOT NULL CHECK (rain_mm >= 0),
  wet_days REAL NOT NULL CHECK (wet_days BETWEEN 0 AND 31)
) STRICT;

-- A clock that starts otherwise than its published figure says, by a person's choice; the id is the watch's.
CREATE TABLE watch_clock (
  id TEXT PRIMARY KEY REFERENCES watch(id),
  start_kind TEXT NOT NULL,
  start_value TEXT
) STRICT;
