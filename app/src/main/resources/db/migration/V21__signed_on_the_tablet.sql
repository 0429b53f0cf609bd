-- A name drawn on a screen, where somebody agreed that way.
ALTER TABLE bill ADD COLUMN agreed_drawn TEXT NULL;
ALTER TABLE call_off ADD COLUMN said_drawn TEXT NULL;
