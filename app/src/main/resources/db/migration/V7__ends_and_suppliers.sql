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
