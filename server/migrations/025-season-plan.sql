-- What was thought out for a watch's season: cuts, free days of the week and own figures, as JSON.
CREATE TABLE season_plan (
  id TEXT PRIMARY KEY REFERENCES watch(id),
  cuts TEXT NOT NULL,
  free_days TEXT NOT NULL,
  figures TEXT NOT NULL
) STRICT;
