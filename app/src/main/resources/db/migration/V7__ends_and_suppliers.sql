-- How far a job's history goes: an entry that is taken off its very end leaves a gap here.
CREATE TABLE step_history_end (
  job_id  BIGINT   PRIMARY KEY,
  entries INT      NOT NULL,
  hash    CHAR(64) NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id)
);
INSERT INTO step_history_end (job_id, entries, hash)
SELECT e.job_id, (SELECT COUNT(*) FROM step_event c WHERE c.job_id = e.job_id AND c.hash IS NOT NULL), e.hash
FROM step_event e WHERE e.hash IS NOT NULL AND e.id = (SELECT MAX(l.id) FROM step_event l WHERE l.job_id = e.job_id AND l.hash IS NOT NULL);
CREATE TRIGGER history_end_goes_on BEFORE UPDATE ON step_history_end FOR EACH ROW
BEGIN
  IF NEW.job_id <> OLD.job_id OR NEW.entries <= OLD.entries THEN
    SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'a history only ever goes on';
  END IF;
END;
CREATE TRIGGER history_end_stays BEFORE DELETE ON step_history_end FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'a history only ever goes on';

-- What single pieces are told by is in the ledger too: what came with a number, and which number went onto which job.
ALTER TABLE stock_movement
  ADD COLUMN serial VARCHAR(60) NOT NULL DEFAULT '',
  ADD INDEX movement_serial (serial, part_number),
  ADD INDEX movement_lot (lot);
INSERT INTO stock_movement (part_number, delta, held_delta, kind, job_id, note, lot, serial, moved_by, moved_at)
SELECT l.part_number, 0, 0, 'NUMBERED', s.job_id, LOWER(s.of_what), '', s.serial, s.noted_by, s.noted_at
FROM kit_serial s JOIN bill b ON b.job_id = s.job_id AND b.withdrawn_reason IS NULL JOIN bill_line l ON l.bill_id = b.id AND l.source = 'KIT_BOX'
WHERE s.of_what <> 'KEY' ORDER BY s.id;

-- Who sells to the shop. Whoever a part's sheet names is one; the lead time holds for parts that name none of their own.
CREATE TABLE supplier (
  name       VARCHAR(80)  PRIMARY KEY,
  lead_days  INT          NOT NULL DEFAULT 0 CHECK (lead_days BETWEEN 0 AND 365),
  note       VARCHAR(400) NOT NULL DEFAULT '',
  version    INT          NOT NULL DEFAULT 0,
  changed_by VARCHAR(80)  NULL,
  changed_at DATETIME(3)  NULL
);
INSERT INTO supplier (name) SELECT DISTINCT supplier FROM part WHERE supplier <> '';
CREATE INDEX part_supplier ON part (supplier);
CREATE TRIGGER part_brings_supplier AFTER INSERT ON part FOR EACH ROW
BEGIN
  IF NEW.supplier <> '' THEN
    INSERT IGNORE INTO supplier (name) VALUES (NEW.supplier);
  END IF;
END;
CREATE TRIGGER part_names_supplier AFTER UPDATE ON part FOR EACH ROW
BEGIN
  IF NEW.supplier <> '' AND NEW.supplier <> OLD.supplier THEN
    INSERT IGNORE INTO supplier (name) VALUES (NEW.supplier);
  END IF;
END;

-- Whether anything moved or is other than it was is told by the sum of the versions: far oftener asked than changed.
CREATE INDEX part_versions ON part (version);
