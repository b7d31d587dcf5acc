-- The coldest night a plant bears where it stands, where its owner says so.
ALTER TABLE plant ADD COLUMN least_c REAL;
