-- Tonight and tomorrow as they were told when a spray was mixed without a forecast; null where nobody said.
ALTER TABLE spray ADD COLUMN told_weather TEXT CHECK (told_weather IS NULL OR json_valid(told_weather));
