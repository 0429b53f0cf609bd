-- What a supplier owes for one box of a job says nothing of the next box: it stays owed, and keeps no step of the next one waiting.
ALTER TABLE supplier_claim ADD COLUMN box INT NOT NULL DEFAULT 1;
UPDATE supplier_claim c SET c.box = COALESCE((SELECT m.box FROM kit_check_mark m
  WHERE m.job_id = c.job_id AND m.item = c.item AND m.marked_at <= c.raised_at ORDER BY m.id DESC LIMIT 1), 1)
  WHERE c.job_id IS NOT NULL;
-- A box that was counted, numbered or run on the bench left its seal: it is opened, whether or not its step was begun at the stand.
ALTER TABLE job ADD COLUMN box_opened BOOLEAN NOT NULL DEFAULT FALSE;
UPDATE job j SET j.box_opened = TRUE WHERE EXISTS (SELECT 1 FROM kit_check_mark m WHERE m.job_id = j.id AND m.box = j.box)
  OR EXISTS (SELECT 1 FROM kit_serial s WHERE s.job_id = j.id AND s.box = j.box)
  OR EXISTS (SELECT 1 FROM bench_run r WHERE r.job_id = j.id AND r.box = j.box);
