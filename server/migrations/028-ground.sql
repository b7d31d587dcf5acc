-- The garden drawn to scale: where plants stand in each place they stand in, and what else is there.
CREATE TABLE plant_spot (
  id TEXT PRIMARY KEY,
  plant_id TEXT NOT NULL REFERENCES plant(id),
  place_id TEXT NOT NULL REFERENCES place(id),
  x_m REAL NOT NULL,
  y_m REAL NOT NULL,
  turn_deg REAL NOT NULL CHECK (turn_deg >= 0 AND turn_deg < 360)
) STRICT;

CREATE TABLE ground_shape (
  id TEXT PRIMARY KEY,
  kind TEXT NOT NULL,
  name TEXT NOT NULL,
  place_id TEXT REFERENCES place(id),
  x_m REAL NOT NULL,
  y_m REAL NOT NULL,
  turn_deg REAL NOT NULL CHECK (turn_deg >= 0 AND turn_deg < 360),
  length_m REAL NOT NULL CHECK (length_m > 0),
  depth_m REAL NOT NULL CHECK (depth_m > 0),
  height_m REAL CHECK (height_m > 0)
) STRICT;

-- A neighbour looked over for what was found on a plant, and whether it bore it too.
CREATE TABLE spread_look (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  plant_id TEXT NOT NULL REFERENCES plant(id),
  on_day TEXT NOT NULL,
  bore INTEGER NOT NULL CHECK (bore IN (0, 1))
) STRICT;

-- What the plan shows can be overruled: two that look as if they touched, and do not.
ALTER TABLE plant_touch ADD COLUMN touches INTEGER NOT NULL DEFAULT 1 CHECK (touches IN (0, 1));

-- Which way up the plan lies, and the wind of the growing season where somebody says so.
ALTER TABLE garden ADD COLUMN up_bearing_deg REAL NOT NULL DEFAULT 0;
ALTER TABLE garden ADD COLUMN wind_from_deg REAL;

-- Where the wind came from, degrees clockwise from north.
ALTER TABLE station_day ADD COLUMN wind_from_deg REAL CHECK (wind_from_deg >= 0 AND wind_from_deg < 360);

-- A picture may show a plant without a trouble, or the whole garden.
CREATE TABLE photo_of_any (
  id TEXT PRIMARY KEY,
  watch_id TEXT REFERENCES watch(id),
  plant_id TEXT REFERENCES plant(id),
  taken_on TEXT NOT NULL,
  taken_from TEXT NOT NULL,
  width_px INTEGER NOT NULL CHECK (width_px > 0),
  height_px INTEGER NOT NULL CHECK (height_px > 0),
  scale TEXT CHECK (scale IS NULL OR json_valid(scale)),
  spots TEXT NOT NULL CHECK (json_valid(spots)),
  note TEXT NOT NULL,
  tag_id TEXT REFERENCES tag(id),
  spot TEXT,
  CHECK (watch_id IS NULL OR plant_id IS NULL)
) STRICT;
INSERT INTO photo_of_any (id, watch_id, plant_id, taken_on, taken_from, width_px, height_px, scale, spots, note, tag_id, spot)
  SELECT id, watch_id, NULL, taken_on, taken_from, width_px, height_px, scale, spots, note, tag_id, spot FROM photo;
DROP TABLE photo;
ALTER TABLE photo_of_any RENAME TO photo;
CREATE INDEX photo_by_watch ON photo(watch_id);
CREATE INDEX photo_by_plant ON photo(plant_id);

-- A photo or scan that lies beneath the plan.
CREATE TABLE ground_picture (
  id TEXT PRIMARY KEY,
  photo_id TEXT NOT NULL REFERENCES photo(id),
  x_m REAL NOT NULL,
  y_m REAL NOT NULL,
  turn_deg REAL NOT NULL CHECK (turn_deg >= 0 AND turn_deg < 360),
  width_m REAL NOT NULL CHECK (width_m > 0)
) STRICT;
