-- Days on which somebody is away; they never overlap.
CREATE TABLE person_absence (
  person_id BIGINT      NOT NULL,
  from_day  DATE        NOT NULL,
  to_day    DATE        NOT NULL,
  why       VARCHAR(60) NOT NULL,
  PRIMARY KEY (person_id, from_day),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- What a customer was told, and what the manager said about where, when and by whom a job is done. A job of which nothing was said has no row.
CREATE TABLE job_plan (
  job_id      BIGINT      NOT NULL PRIMARY KEY,
  promised_on DATE        NULL,
  stand       INT         NULL,
  person      VARCHAR(80) NULL,
  not_before  DATE        NULL,
  version     INT         NOT NULL,
  said_by     VARCHAR(80) NOT NULL,
  said_at     DATETIME(3) NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- Plans as the manager accepted them; the last one counts, the others tell what was agreed before.
CREATE TABLE plan_agreed (
  version   INT         NOT NULL PRIMARY KEY,
  body      LONGTEXT    NOT NULL,
  agreed_by VARCHAR(80) NOT NULL,
  agreed_at DATETIME(3) NOT NULL
);
