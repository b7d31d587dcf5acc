-- What a photo shows again and again: a tagged leaf or twig, or a spot by its name.
ALTER TABLE photo ADD COLUMN tag_id TEXT REFERENCES tag(id);
ALTER TABLE photo ADD COLUMN spot TEXT;

-- A year looked back on in its winter, with what was decided and the sheet as it stood.
CREATE TABLE year_review (
  id TEXT PRIMARY KEY,
  season TEXT NOT NULL,
  on_day TEXT NOT NULL,
  choices TEXT NOT NULL CHECK (json_valid(choices)),
  sheet TEXT NOT NULL,
  note TEXT NOT NULL
) STRICT;
