-- Not every pack says how strong it is.
ALTER TABLE product ADD COLUMN strength REAL;
UPDATE product SET strength = strength_percent;
ALTER TABLE product DROP COLUMN strength_percent;
ALTER TABLE product RENAME COLUMN strength TO strength_percent;
