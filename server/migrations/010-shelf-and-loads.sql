-- What a label and a pack say besides their lines.
ALTER TABLE product ADD COLUMN mode_of_action TEXT NOT NULL DEFAULT '';
ALTER TABLE product ADD COLUMN organic INTEGER NOT NULL DEFAULT 0;
ALTER TABLE product ADD COLUMN unlabelled INTEGER NOT NULL DEFAULT 0;
ALTER TABLE product ADD COLUMN must_not_touch TEXT NOT NULL DEFAULT '';
ALTER TABLE product ADD COLUMN apart TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(apart));
ALTER TABLE product ADD COLUMN stock TEXT CHECK (stock IS NULL OR json_valid(stock));
ALTER TABLE product ADD COLUMN expires_on TEXT;
ALTER TABLE product ADD COLUMN pack TEXT CHECK (pack IS NULL OR json_valid(pack));
UPDATE product SET lines = (SELECT json_group_array(json(json_set(json_set(line.value, '$.region', coalesce(line.value ->> '$.region', '')), '$.mostPerYear', line.value -> '$.mostPerYear'))) FROM json_each(product.lines) AS line);

ALTER TABLE sprayer ADD COLUMN kind TEXT NOT NULL DEFAULT 'tank';
ALTER TABLE sprayer ADD COLUMN leaks INTEGER NOT NULL DEFAULT 0;
ALTER TABLE sprayer ADD COLUMN screen TEXT NOT NULL DEFAULT 'coarse';
ALTER TABLE sprayer ADD COLUMN rinsed_on TEXT;
ALTER TABLE sprayer ADD COLUMN dial TEXT CHECK (dial IS NULL OR json_valid(dial));

-- A tank may hold several products and serve several plants.
CREATE TABLE spray_of_parts (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  load_id TEXT,
  parts TEXT NOT NULL CHECK (json_valid(parts) AND json_array_length(parts) >= 1),
  sprayer_id TEXT NOT NULL REFERENCES sprayer(id),
  on_day TEXT NOT NULL,
  leaf_state TEXT NOT NULL,
  scope TEXT NOT NULL,
  spray_ml REAL NOT NULL CHECK (spray_ml > 0),
  -- Open questions until somebody answers.
  coverage TEXT,
  stage_seen TEXT,
  against_label INTEGER NOT NULL,
  note TEXT NOT NULL,
  -- The weather as it was known when the spray was logged; null where there was none.
  min_c REAL, max_c REAL, rain_mm REAL, wind_ms REAL, weather_origin TEXT
) STRICT;
INSERT INTO spray_of_parts
  SELECT id, watch_id, NULL, json_array(json_object('productId', product_id, 'lineId', line_id, 'rate', rate, 'productAmount', product_amount)), sprayer_id, on_day, leaf_state, 'whole', spray_ml, NULL, NULL,
    against_label, note, min_c, max_c, rain_mm, wind_ms, weather_origin
  FROM spray;
DROP TABLE spray;
ALTER TABLE spray_of_parts RENAME TO spray;
CREATE INDEX spray_by_watch ON spray(watch_id);

ALTER TABLE plant ADD COLUMN harvest_from TEXT;
ALTER TABLE plant ADD COLUMN harvest_to TEXT;
ALTER TABLE plant ADD COLUMN schools TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(schools));

ALTER TABLE garden ADD COLUMN country TEXT NOT NULL DEFAULT 'other';

CREATE TABLE local_advice (
  id TEXT PRIMARY KEY,
  material_id TEXT NOT NULL,
  on_day TEXT NOT NULL,
  from_whom TEXT NOT NULL,
  says TEXT NOT NULL
) STRICT;

-- What stood in a record before it was changed or taken out; written by triggers.
CREATE TABLE change_log (
  seq INTEGER PRIMARY KEY,
  at TEXT NOT NULL,
  kind TEXT NOT NULL,
  record_id TEXT NOT NULL,
  action TEXT NOT NULL,
  before TEXT NOT NULL CHECK (json_valid(before))
) STRICT;
CREATE INDEX change_log_by_record ON change_log(kind, record_id);
