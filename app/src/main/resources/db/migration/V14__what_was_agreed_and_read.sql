-- A consent is somebody's act: who, on which day, in which way. What was written down before keeps the name alone: nobody knows the rest.
ALTER TABLE bill
  ADD COLUMN agreed_on  DATE        NULL,
  ADD COLUMN agreed_way VARCHAR(12) NULL;
ALTER TABLE bill_line
  ADD COLUMN agreed_by  VARCHAR(120) NULL,
  ADD COLUMN agreed_on  DATE         NULL,
  ADD COLUMN agreed_way VARCHAR(12)  NULL;
UPDATE bill_line l JOIN bill b ON b.id = l.bill_id SET l.agreed_by = b.agreed_by WHERE l.source = 'CONSENTED' AND b.agreed_by <> '';
-- The frame's number as somebody read it, and the day the bike is wanted again, fixed when its owner takes it away.
ALTER TABLE job
  ADD COLUMN frame_read    VARCHAR(60) NULL,
  ADD COLUMN next_check_on DATE        NULL,
  ADD COLUMN next_check_km INT         NULL;
UPDATE job j JOIN arrival a ON a.job_id = j.id AND a.id = (SELECT MAX(b.id) FROM arrival b WHERE b.job_id = j.id)
  SET j.frame_read = a.frame_number WHERE a.frame_number <> '';
-- Which box of a job it is: what was marked, numbered and proven of a box that went back says nothing of the next one.
ALTER TABLE job ADD COLUMN box INT NOT NULL DEFAULT 1;
ALTER TABLE kit_check_mark ADD COLUMN box INT NOT NULL DEFAULT 1;
ALTER TABLE kit_serial ADD COLUMN box INT NOT NULL DEFAULT 1;
ALTER TABLE bench_run ADD COLUMN box INT NOT NULL DEFAULT 1;
