-- A picture is evidence: it is struck out with a reason and stays to be seen.
ALTER TABLE photo
  ADD COLUMN removed_reason VARCHAR(400) NULL,
  ADD COLUMN removed_at     DATETIME(3)  NULL;
UPDATE photo SET removed_reason = 'taken away before reasons were asked for', removed_at = taken_at WHERE removed_by IS NOT NULL;
