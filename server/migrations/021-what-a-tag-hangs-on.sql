-- What a tag hangs on, by how that is counted; not told for tags hung before.
ALTER TABLE tag ADD COLUMN protocol TEXT;
