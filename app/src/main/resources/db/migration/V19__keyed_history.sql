-- The chain of a job's history is made with a key that is kept outside the database: whoever can write everything here still cannot write a
-- history that holds. What was written before there was a key is sealed at the first start with one.
ALTER TABLE step_history_end ADD COLUMN mark CHAR(64) NOT NULL DEFAULT '';
DROP TRIGGER history_end_goes_on;
CREATE TRIGGER history_end_goes_on BEFORE UPDATE ON step_history_end FOR EACH ROW
BEGIN
  IF NEW.job_id <> OLD.job_id OR NEW.entries < OLD.entries THEN
    SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'a history only ever goes on';
  END IF;
END;
CREATE TABLE step_history_seal (
  job_id    BIGINT      PRIMARY KEY,
  entries   INT         NOT NULL,
  hash      CHAR(64)    NOT NULL,
  mark      CHAR(64)    NOT NULL,
  sealed_at DATETIME(3) NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id)
);
-- What the key makes of nothing: another key is noticed before anything is written with it.
CREATE TABLE history_key (
  id    TINYINT     PRIMARY KEY CHECK (id = 1),
  mark  CHAR(64)    NOT NULL,
  since DATETIME(3) NOT NULL
);
