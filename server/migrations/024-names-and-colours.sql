-- The name a watch was first given and who gave the one it has; what colour crawlers on a tape were. Not told for
-- what was kept before.
ALTER TABLE watch ADD COLUMN first_target_id TEXT;
ALTER TABLE watch ADD COLUMN first_group TEXT;
ALTER TABLE watch ADD COLUMN named_by TEXT;
ALTER TABLE tape ADD COLUMN colour TEXT;
