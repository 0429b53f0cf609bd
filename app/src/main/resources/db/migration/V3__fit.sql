-- What a part is chosen by besides its thickness, and what it costs.
ALTER TABLE part
  ADD COLUMN length_um    BIGINT NULL,
  ADD COLUMN span_from_um BIGINT NULL,
  ADD COLUMN span_to_um   BIGINT NULL,
  ADD COLUMN plug         VARCHAR(60) NULL,
  ADD COLUMN other_plug   VARCHAR(60) NULL,
  ADD COLUMN milliamperes BIGINT NULL,
  ADD COLUMN price_minor  BIGINT NOT NULL DEFAULT 0,
  ADD COLUMN lead_days    INT    NOT NULL DEFAULT 0;

-- A sheet holds a kit and its variants. Sheets of before carry too few facts for the checks of today: they are kept aside and imported anew.
CREATE TABLE kit_sheet_before_v3 AS SELECT code, sheet FROM kit_sheet;
DELETE FROM kit_sheet;
ALTER TABLE kit_sheet ADD COLUMN version INT NOT NULL;

-- Every state a sheet was in; only ever added.
CREATE TABLE kit_sheet_change (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  sheet_code VARCHAR(40)  NOT NULL,
  version    INT          NOT NULL,
  sheet      LONGTEXT     NOT NULL,
  reason     VARCHAR(400) NOT NULL,
  changed_by VARCHAR(80)  NOT NULL,
  changed_at DATETIME(3)  NOT NULL,
  UNIQUE (sheet_code, version)
);

-- Which sheet a kit's code stands in.
CREATE TABLE kit_variant (
  code       VARCHAR(40) PRIMARY KEY,
  sheet_code VARCHAR(40) NOT NULL,
  FOREIGN KEY (sheet_code) REFERENCES kit_sheet (code),
  INDEX variant_sheet (sheet_code)
);

CREATE TABLE battery_sheet (
  code    VARCHAR(40) PRIMARY KEY,
  sheet   LONGTEXT    NOT NULL,
  version INT         NOT NULL
);

-- The shop's rules: only ever added, the last value of a rule is in force; no value means the standard again.
CREATE TABLE rule_change (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  rule_key   VARCHAR(60)  NOT NULL,
  value      VARCHAR(60)  NULL,
  reason     VARCHAR(400) NOT NULL,
  changed_by VARCHAR(80)  NOT NULL,
  changed_at DATETIME(3)  NOT NULL,
  INDEX rule_key (rule_key, id)
);

-- A manager's word over a check that says no; taken back by a mark, never erased.
CREATE TABLE fit_override (
  id            BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id        BIGINT       NOT NULL,
  kit_code      VARCHAR(40)  NOT NULL,
  check_id      VARCHAR(40)  NOT NULL,
  reason        VARCHAR(400) NOT NULL,
  said_by       VARCHAR(80)  NOT NULL,
  said_at       DATETIME(3)  NOT NULL,
  taken_back_by VARCHAR(80)  NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  INDEX override_job (job_id)
);

-- What was found and done on a frame of this name and size; it comes up again inside the same check.
CREATE TABLE fit_note (
  id        BIGINT AUTO_INCREMENT PRIMARY KEY,
  frame     VARCHAR(120) NOT NULL,
  size      VARCHAR(40)  NOT NULL,
  kit_box   VARCHAR(40)  NOT NULL,
  check_id  VARCHAR(40)  NOT NULL,
  job_id    BIGINT       NOT NULL,
  found     VARCHAR(600) NOT NULL,
  done      VARCHAR(600) NOT NULL,
  minutes   INT          NOT NULL,
  noted_by  VARCHAR(80)  NOT NULL,
  noted_at  DATETIME(3)  NOT NULL,
  removed_by VARCHAR(80) NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  INDEX note_frame (frame, size)
);

-- What changed last, of the drawers or of a job: answers worked out before are good until then.
CREATE INDEX live_event_last ON live_event (topic, job_id);
