-- Where a trouble came from, and which plants touch which. A touching pair is kept once, the smaller id first.
ALTER TABLE watch ADD COLUMN source_plant_id TEXT REFERENCES plant(id);

CREATE TABLE plant_touch (
  plant_id TEXT NOT NULL REFERENCES plant(id),
  other_id TEXT NOT NULL REFERENCES plant(id),
  PRIMARY KEY (plant_id, other_id),
  CHECK (plant_id < other_id)
) STRICT, WITHOUT ROWID;
