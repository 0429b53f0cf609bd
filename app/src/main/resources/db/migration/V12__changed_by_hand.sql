-- What the manager changed on a bill by hand; it goes on to the next revisions.
ALTER TABLE bill ADD COLUMN by_hand LONGTEXT NOT NULL DEFAULT '[]';
