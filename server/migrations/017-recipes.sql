-- Mixes of one's own, and waits of any recipe that run.
CREATE TABLE recipe (
  id TEXT PRIMARY KEY,
  name TEXT NOT NULL,
  what TEXT NOT NULL,
  based_on TEXT,
  usual_ml REAL NOT NULL CHECK (usual_ml > 0),
  parts TEXT NOT NULL CHECK (json_valid(parts)),
  steps TEXT NOT NULL CHECK (json_valid(steps)),
  used_within_hours INTEGER,
  note TEXT NOT NULL
) STRICT;
CREATE TABLE wait (
  id TEXT PRIMARY KEY,
  recipe_id TEXT NOT NULL,
  recipe_name TEXT NOT NULL,
  step INTEGER NOT NULL CHECK (step >= 0),
  ends_at TEXT NOT NULL
) STRICT;
