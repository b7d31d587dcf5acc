-- Every protocol keeps its units as they were counted; rounds, devices, tags, growth, care, the eye trainer.
ALTER TABLE sample ADD COLUMN units TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(units));
ALTER TABLE sample ADD COLUMN round_id TEXT REFERENCES round(id);
ALTER TABLE sample ADD COLUMN spray_id TEXT REFERENCES spray(id);
UPDATE sample SET units = (
  SELECT json_group_array(json_object('counts', json_object('live', live, 'dead', dead, 'holed', holed)))
  FROM (SELECT live, dead, holed FROM sample_twig WHERE sample_id = sample.id ORDER BY ordinal)
);
DROP TABLE sample_twig;

CREATE TABLE round (id TEXT PRIMARY KEY, started_on TEXT NOT NULL, finished_on TEXT, note TEXT NOT NULL) STRICT;

CREATE TABLE stop (
  id TEXT PRIMARY KEY,
  round_id TEXT NOT NULL REFERENCES round(id),
  plant_id TEXT NOT NULL REFERENCES plant(id),
  watch_id TEXT REFERENCES watch(id),
  on_day TEXT NOT NULL,
  outcome TEXT NOT NULL,
  reason TEXT,
  note TEXT NOT NULL
) STRICT;

CREATE TABLE trap (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  label TEXT NOT NULL,
  catches TEXT NOT NULL,
  put_on TEXT NOT NULL,
  taken_off TEXT NOT NULL CHECK (taken_off > put_on),
  caught INTEGER NOT NULL CHECK (caught >= 0)
) STRICT;

CREATE TABLE device (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  kind TEXT NOT NULL,
  label TEXT NOT NULL,
  hung_on TEXT NOT NULL,
  taken_down_on TEXT
) STRICT;

CREATE TABLE tag (
  id TEXT PRIMARY KEY,
  watch_id TEXT NOT NULL REFERENCES watch(id),
  label TEXT NOT NULL,
  untouched INTEGER NOT NULL,
  tagged_on TEXT NOT NULL,
  lost_on TEXT
) STRICT;

CREATE TABLE growth (id TEXT PRIMARY KEY, plant_id TEXT NOT NULL REFERENCES plant(id), stage TEXT NOT NULL, on_day TEXT NOT NULL, note TEXT NOT NULL) STRICT;
CREATE TABLE care (id TEXT PRIMARY KEY, plant_id TEXT NOT NULL REFERENCES plant(id), kind TEXT NOT NULL, on_day TEXT NOT NULL, note TEXT NOT NULL) STRICT;

CREATE TABLE guess (
  id TEXT PRIMARY KEY,
  on_day TEXT NOT NULL,
  kind TEXT NOT NULL,
  seed INTEGER NOT NULL,
  truth REAL NOT NULL,
  guess REAL NOT NULL
) STRICT;

CREATE INDEX stop_by_round ON stop(round_id);
CREATE INDEX trap_by_watch ON trap(watch_id);
CREATE INDEX device_by_watch ON device(watch_id);
CREATE INDEX tag_by_watch ON tag(watch_id);
CREATE INDEX growth_by_plant ON growth(plant_id);
CREATE INDEX care_by_plant ON care(plant_id);
