-- Tools of which the shop has so few that one job waits for another's; what is not named here there is enough of.
CREATE TABLE special_tool (
  name   VARCHAR(80) NOT NULL PRIMARY KEY,
  pieces INT         NOT NULL
);

-- Where and by whom a job is not to be done.
ALTER TABLE job_plan
  ADD COLUMN not_on INT         NULL,
  ADD COLUMN not_by VARCHAR(80) NULL;

-- Calendars of the plan, for whoever has the address. What is kept of the address does not lead back to it.
CREATE TABLE plan_feed (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  secret_hash CHAR(64)    NOT NULL UNIQUE,
  shows       VARCHAR(10) NOT NULL,
  name        VARCHAR(80) NOT NULL,
  made_by     VARCHAR(80) NOT NULL,
  made_at     DATETIME(3) NOT NULL,
  read_at     DATETIME(3) NULL
);

-- What a quote says about when the job would be ready; those from before say nothing.
ALTER TABLE quote ADD COLUMN ready VARCHAR(400) NOT NULL DEFAULT '';
