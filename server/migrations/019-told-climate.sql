-- What is known of a garden's climate without a table or a thermometer.
ALTER TABLE garden ADD COLUMN climate TEXT CHECK (climate IS NULL OR json_valid(climate));
