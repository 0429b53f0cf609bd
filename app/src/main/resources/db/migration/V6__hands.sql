-- What stops a step, who must act, and how it ended; the step's own history says the same, linked.
CREATE TABLE blocker (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id      BIGINT       NOT NULL,
  step_key    VARCHAR(60)  NOT NULL,
  kind        VARCHAR(20)  NOT NULL,
  what        VARCHAR(400) NOT NULL,
  part        VARCHAR(160) NOT NULL,
  check_id    VARCHAR(40)  NOT NULL,
  photo_id    BIGINT       NULL,
  must_act    VARCHAR(20)  NOT NULL,
  asked       VARCHAR(400) NOT NULL,
  bill_id     BIGINT       NULL,
  raised_by   VARCHAR(80)  NOT NULL,
  raised_at   DATETIME(3)  NOT NULL,
  resolution  VARCHAR(20)  NULL,
  words       VARCHAR(400) NULL,
  resolved_by VARCHAR(80)  NULL,
  resolved_at DATETIME(3)  NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  INDEX blocker_open (resolved_at, job_id),
  INDEX blocker_job (job_id, step_key)
);

INSERT INTO blocker (job_id, step_key, kind, what, part, check_id, must_act, asked, raised_by, raised_at)
SELECT job_id, step_key, 'OTHER', COALESCE(stuck_reason, ''), '', '', 'MANAGER', '', COALESCE(doer, ''), COALESCE(stuck_since, started_at)
FROM step WHERE state = 'STUCK';

-- Work that the manager added to a job, by the fragment of the step library.
CREATE TABLE job_work (
  job_id    BIGINT       NOT NULL,
  fragment  VARCHAR(60)  NOT NULL,
  reason    VARCHAR(400) NOT NULL,
  added_by  VARCHAR(80)  NOT NULL,
  added_at  DATETIME(3)  NOT NULL,
  PRIMARY KEY (job_id, fragment),
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- How long hands were at a finished step; the shop's own minutes are learned from here. What the order of steps saves stands with the job.
ALTER TABLE step
  ADD COLUMN worked_seconds INT NULL,
  ADD INDEX step_learned (step_key, state, worked_seconds);
ALTER TABLE job ADD COLUMN step_turns VARCHAR(400) NULL;

-- Torque wrenches, and which one a figure was read from; a reading of one that is overdue says so.
CREATE TABLE wrench (
  code          VARCHAR(20) PRIMARY KEY,
  name          VARCHAR(80) NOT NULL,
  least_nm      DECIMAL(6, 1) NOT NULL,
  most_nm       DECIMAL(6, 1) NOT NULL,
  calibrated_on DATE        NOT NULL,
  due_on        DATE        NOT NULL
);
ALTER TABLE step_figure
  ADD COLUMN wrench  VARCHAR(20) NULL,
  ADD COLUMN overdue BOOLEAN     NOT NULL DEFAULT FALSE;

-- A short number for changing hands at one tablet; and what was tried in vain, passwords and numbers alike.
CREATE TABLE person_pin (
  username VARCHAR(40) PRIMARY KEY,
  pin_hash VARCHAR(80) NOT NULL
);
CREATE TABLE failed_attempt (
  what         VARCHAR(80) PRIMARY KEY,
  failures     INT         NOT NULL,
  last_at      DATETIME(3) NOT NULL
);

-- Fragments of the step library that the shop changed or wrote; each version stays.
CREATE TABLE step_fragment (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  fragment   VARCHAR(60)  NOT NULL,
  version    INT          NOT NULL,
  body       LONGTEXT     NOT NULL,
  reason     VARCHAR(400) NOT NULL,
  changed_by VARCHAR(80)  NOT NULL,
  changed_at DATETIME(3)  NOT NULL,
  UNIQUE (fragment, version)
);

-- What a job's display was set to, page by page; the last of a page is in force.
CREATE TABLE job_setting (
  id      BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id  BIGINT       NOT NULL,
  page    VARCHAR(20)  NOT NULL,
  meaning VARCHAR(120) NOT NULL,
  value   VARCHAR(120) NOT NULL,
  set_by  VARCHAR(80)  NOT NULL,
  set_at  DATETIME(3)  NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  INDEX job_setting_job (job_id, id)
);

-- Whoever holds a job's battery out is asked before it gets power.
CREATE TABLE battery_hold (
  job_id     BIGINT      NOT NULL,
  person     VARCHAR(80) NOT NULL,
  held_at    DATETIME(3) NOT NULL,
  asked_by   VARCHAR(80) NULL,
  asked_for  VARCHAR(160) NULL,
  asked_at   DATETIME(3) NULL,
  PRIMARY KEY (job_id, person),
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- Readings that a bench meter or a torque wrench sent; the simulated ones send theirs from a panel or a file.
CREATE TABLE device_reading (
  id     BIGINT AUTO_INCREMENT PRIMARY KEY,
  device VARCHAR(20)    NOT NULL,
  value  DECIMAL(12, 3) NOT NULL,
  unit   VARCHAR(10)    NOT NULL,
  sent_at DATETIME(3)   NOT NULL,
  INDEX device_reading_device (device, id)
);

-- Faults switched on in the simulated controller of a job's bike.
CREATE TABLE controller_fault (
  job_id BIGINT      NOT NULL,
  fault  VARCHAR(40) NOT NULL,
  PRIMARY KEY (job_id, fault),
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- Each change of a rule follows one that was looked at: of two that follow the same one, the database lets one in.
ALTER TABLE rule_change ADD COLUMN follows BIGINT NOT NULL DEFAULT 0;
UPDATE rule_change r JOIN (SELECT id, COALESCE(LAG(id) OVER (PARTITION BY rule_key ORDER BY id), 0) AS earlier FROM rule_change) e ON e.id = r.id SET r.follows = e.earlier;
ALTER TABLE rule_change ADD UNIQUE rule_change_follows (rule_key, follows);
