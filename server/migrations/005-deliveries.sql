-- When the last entry kept for an address was entered on its device, so that a late one does not undo a newer.
CREATE TABLE delivery (address TEXT PRIMARY KEY, entered_at INTEGER NOT NULL) STRICT;
