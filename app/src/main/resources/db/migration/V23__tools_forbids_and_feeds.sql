-- Tools of which the shop has so few that one job waits for another's; what is not named here there is enough of.
CREATE TABLE special_tool (
  name   VARCHAR(80) NOT NULL PRIMARY KEY,
  pieces INT         NOT NULL
);

-- Where and by whom a job is not to be done.
ALTER TABLE job_plan
  ADD COLUMN not_on INT         NULL,
  ADD COLUMN not_by VARCHAR(80) NULL;
