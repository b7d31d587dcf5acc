-- What was sprayed or done by hand may be for a plant with nothing wrong, not for a watch.
CREATE TABLE spray_of_plants (
  id TEXT PRIMARY KEY,
  watch_id TEXT REFERENCES watch(id),
  plant_id TEXT REFERENCES plant(id),
  load_id TEXT,
  parts TEXT NOT NULL CHECK (json_valid(parts) AND json_array_length(parts) >= 1),
  sprayer_id TEXT NOT NULL REFERENCES sprayer(id),
  on_day TEXT NOT NULL,
  leaf_state TEXT NOT NULL,
  scope TEXT NOT NULL,
  spray_ml REAL NOT NULL CHECK (spray_ml > 0),
  coverage TEXT,
  stage_seen TEXT,
  against_label INTEGER NOT NULL,
  note TEXT NOT NULL,
  min_c REAL, max_c REAL, rain_mm REAL, wind_ms REAL, weather_origin TEXT,
  told_weather TEXT CHECK (told_weather IS NULL OR json_valid(told_weather)),
  CHECK ((watch_id IS NULL) <> (plant_id IS NULL))
) STRICT;
INSERT INTO spray_of_plants
  SELECT id, watch_id, NULL, load_id, parts, sprayer_id, on_day, leaf_state, scope, spray_ml, coverage, stage_seen,
    against_label, note, min_c, max_c, rain_mm, wind_ms, weather_origin, told_weather
  FROM spray;
DROP TABLE spray;
ALTER TABLE spray_of_plants RENAME TO spray;
CREATE INDEX spray_by_watch ON spray(watch_id);
CREATE INDEX spray_by_plant ON spray(plant_id);
CREATE INDEX spray_by_load ON spray(load_id);

CREATE TABLE handwork_on_plants (
  id TEXT PRIMARY KEY,
  watch_id TEXT REFERENCES watch(id),
  plant_id TEXT REFERENCES plant(id),
  on_day TEXT NOT NULL,
  kind TEXT NOT NULL,
  minutes INTEGER CHECK (minutes >= 0),
  note TEXT NOT NULL,
  CHECK ((watch_id IS NULL) <> (plant_id IS NULL))
) STRICT;
INSERT INTO handwork_on_plants SELECT id, watch_id, NULL, on_day, kind, minutes, note FROM handwork;
DROP TABLE handwork;
ALTER TABLE handwork_on_plants RENAME TO handwork;
CREATE INDEX handwork_by_watch ON handwork(watch_id);
CREATE INDEX handwork_by_plant ON handwork(plant_id);

-- Steps of a series for a watch, a plant, or (with neither) the whole garden.
CREATE TABLE series (
  id TEXT PRIMARY KEY,
  watch_id TEXT REFERENCES watch(id),
  plant_id TEXT REFERENCES plant(id),
  name TEXT NOT NULL,
  template_id TEXT,
  started_on TEXT NOT NULL,
  steps TEXT NOT NULL CHECK (json_valid(steps)),
  winter INTEGER NOT NULL,
  ended_on TEXT,
  note TEXT NOT NULL,
  CHECK (watch_id IS NULL OR plant_id IS NULL)
) STRICT;
CREATE INDEX series_by_watch ON series(watch_id);
CREATE INDEX series_by_plant ON series(plant_id);

-- A step ticked or left out, where no record of its own tells.
CREATE TABLE tick (
  id TEXT PRIMARY KEY,
  series_id TEXT NOT NULL REFERENCES series(id),
  on_day TEXT NOT NULL,
  step INTEGER NOT NULL CHECK (step >= 0),
  what TEXT NOT NULL,
  note TEXT NOT NULL
) STRICT;
CREATE INDEX tick_by_series ON tick(series_id);
