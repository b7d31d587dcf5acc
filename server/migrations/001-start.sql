CREATE TABLE meta (key TEXT PRIMARY KEY, value TEXT NOT NULL) STRICT;

CREATE TABLE garden (
  only_one INTEGER PRIMARY KEY CHECK (only_one = 1),
  name TEXT NOT NULL,
  latitude_deg REAL NOT NULL,
  longitude_deg REAL NOT NULL,
  time_zone TEXT NOT NULL,
  temperature_unit TEXT NOT NULL,
  measure_system TEXT NOT NULL,
  spoon_ids TEXT NOT NULL CHECK (json_valid(spoon_ids))
) STRICT;

CREATE TABLE station (id TEXT PRIMARY KEY, name TEXT NOT NULL, kind TEXT NOT NULL) STRICT;

CREATE TABLE station_day (
  station_id TEXT NOT NULL REFERENCES station(id),
  date TEXT NOT NULL,
  min_c REAL NOT NULL,
  max_c REAL NOT NULL CHECK (max_c >= min_c),
  rain_mm REAL,
  wind_ms REAL,
  PRIMARY KEY (station_id, date)
) STRICT, WITHOUT ROWID;

CREATE TABLE forecast_day (
  station_id TEXT NOT NULL REFERENCES station(id),
  date TEXT NOT NULL,
  min_c REAL NOT NULL,
  max_c REAL NOT NULL CHECK (max_c >= min_c),
  rain_mm REAL,
  wind_ms REAL,
  PRIMARY KEY (station_id, date)
) STRICT, WITHOUT ROWID;

CREATE TABLE place (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  kind TEXT NOT NULL,
  station_id TEXT REFERENCES station(id),
  min_offset_c REAL NOT NULL,
  max_offset_c REAL NOT NULL
) STRICT;

CREATE TABLE plant (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  host_id TEXT NOT NULL,
  place_id TEXT NOT NULL REFERENCES place(id),
  count INTEGER NOT NULL CHECK (count >= 1),
  height_m REAL NOT NULL CHECK (height_m > 0),
  spread_m REAL NOT NULL CHECK (spread_m > 0),
  length_m REAL CHECK (length_m > 0),
  year_planted INTEGER,
  vigour TEXT NOT NULL,
  light TEXT NOT NULL,
  watering TEXT NOT NULL,
  edible INTEGER NOT NULL,
  age TEXT NOT NULL,
  out_of_reach INTEGER NOT NULL,
  retired_on TEXT,
  retired_why TEXT NOT NULL,
  note TEXT NOT NULL
) STRICT;

CREATE TABLE plant_move (
  id TEXT PRIMARY KEY,
  plant_id TEXT NOT NULL REFERENCES plant(id),
  place_id TEXT NOT NULL REFERENCES place(id),
  moved_on TEXT NOT NULL
) STRICT;

CREATE TABLE watch (
  id TEXT PRIMARY KEY,
  plant_id TEXT NOT NULL REFERENCES plant(id),
  opened_on TEXT NOT NULL,
  target_id TEXT,
  target_group TEXT,
  outcome TEXT NOT NULL,
  outcome_on TEXT,
  note TEXT NOT NULL
) STRICT;

CREATE TABLE inspection (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  on_day TEXT NOT NULL,
  answers TEXT NOT NULL CHECK (json_valid(answers)),
  covers_turned INTEGER NOT NULL CHECK (covers_turned >= 0)
) STRICT;

CREATE TABLE sample (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  on_day TEXT NOT NULL,
  protocol TEXT NOT NULL,
  note TEXT NOT NULL
) STRICT;

CREATE TABLE sample_twig (
  sample_id TEXT NOT NULL REFERENCES sample(id) ON DELETE CASCADE,
  ordinal INTEGER NOT NULL,
  live INTEGER NOT NULL CHECK (live >= 0),
  dead INTEGER NOT NULL CHECK (dead >= 0),
  holed INTEGER NOT NULL CHECK (holed >= 0),
  PRIMARY KEY (sample_id, ordinal)
) STRICT, WITHOUT ROWID;

CREATE TABLE tape (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  label TEXT NOT NULL,
  put_on TEXT NOT NULL,
  taken_off TEXT NOT NULL CHECK (taken_off > put_on),
  crawlers INTEGER NOT NULL CHECK (crawlers >= 0)
) STRICT;

CREATE TABLE product (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  material_id TEXT NOT NULL,
  strength_percent REAL NOT NULL,
  contains_oil INTEGER NOT NULL,
  formulation TEXT NOT NULL,
  lines TEXT NOT NULL CHECK (json_valid(lines))
) STRICT;

CREATE TABLE sprayer (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  capacity_ml REAL NOT NULL CHECK (capacity_ml > 0),
  reach_m REAL NOT NULL CHECK (reach_m > 0),
  held_herbicide INTEGER NOT NULL
) STRICT;

CREATE TABLE spray (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  product_id TEXT NOT NULL REFERENCES product(id),
  line_id TEXT NOT NULL,
  sprayer_id TEXT NOT NULL REFERENCES sprayer(id),
  on_day TEXT NOT NULL,
  leaf_state TEXT NOT NULL,
  rate REAL NOT NULL CHECK (rate > 0),
  spray_ml REAL NOT NULL CHECK (spray_ml > 0),
  product_amount REAL NOT NULL CHECK (product_amount > 0),
  against_label INTEGER NOT NULL,
  note TEXT NOT NULL,
  -- The weather as it was known when the spray was logged; null where there was none.
  min_c REAL, max_c REAL, rain_mm REAL, wind_ms REAL, weather_origin TEXT
) STRICT;

CREATE INDEX move_by_plant ON plant_move(plant_id);
CREATE INDEX watch_by_plant ON watch(plant_id);
CREATE INDEX inspection_by_watch ON inspection(watch_id);
CREATE INDEX sample_by_watch ON sample(watch_id);
CREATE INDEX tape_by_watch ON tape(watch_id);
CREATE INDEX spray_by_watch ON spray(watch_id);
