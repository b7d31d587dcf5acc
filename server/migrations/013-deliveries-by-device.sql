-- The last entry kept of each device for each address, by the device's own count: its clock does not matter.
DROP TABLE delivery;
CREATE TABLE delivery (
  address TEXT NOT NULL,
  device TEXT NOT NULL,
  number INTEGER NOT NULL,
  PRIMARY KEY (address, device)
) STRICT, WITHOUT ROWID;
