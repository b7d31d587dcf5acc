-- How often a season asks for a mix of one's own.
ALTER TABLE recipe ADD COLUMN times_a_season INTEGER;
