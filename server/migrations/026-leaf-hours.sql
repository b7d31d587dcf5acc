-- What a logger told by the hour beside temperature: rain, humidity, wetness of leaves, wind.
ALTER TABLE station_day ADD COLUMN hourly TEXT CHECK (hourly IS NULL OR json_valid(hourly));

-- What somebody found of a place's leaves on a day: wet at breakfast, at noon, dry by an hour.
CREATE TABLE wet_look (
  id TEXT PRIMARY KEY,
  place_id TEXT NOT NULL REFERENCES place(id),
  on_day TEXT NOT NULL,
  breakfast TEXT CHECK (breakfast IS NULL OR json_valid(breakfast)),
  noon TEXT CHECK (noon IS NULL OR json_valid(noon)),
  dry_by_hour INTEGER
) STRICT;
CREATE INDEX wet_look_by_place ON wet_look(place_id);

-- Leaves open on a shoot, where they were counted.
ALTER TABLE growth ADD COLUMN leaves INTEGER;

-- Troubles a variety is bred to resist.
ALTER TABLE plant ADD COLUMN resists TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(resists));
