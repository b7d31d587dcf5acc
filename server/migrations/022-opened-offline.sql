-- The day on which a device that was let in last opened without a signal; it says so itself, afterwards.
ALTER TABLE session ADD COLUMN offline_on TEXT;
