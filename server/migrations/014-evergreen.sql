-- Whether a plant keeps its leaves, where its kind comes both ways: true, false, or not said.
ALTER TABLE plant ADD COLUMN evergreen TEXT CHECK (evergreen IN ('true', 'false'));
