-- Who comes first when there is not enough for all.
ALTER TABLE job ADD COLUMN priority VARCHAR(12) NOT NULL DEFAULT 'USUAL';

-- A bill is frozen as a revision; what changes afterwards makes the next one.
ALTER TABLE bill
  ADD COLUMN reason      VARCHAR(400) NOT NULL DEFAULT '',
  ADD COLUMN replaced_by INT          NULL,
  ADD COLUMN agreed_by   VARCHAR(120) NOT NULL DEFAULT '',
  ADD COLUMN charges     LONGTEXT     NULL,
  ADD COLUMN not_taken   LONGTEXT     NOT NULL DEFAULT '[]',
  ADD COLUMN stand_ins   LONGTEXT     NOT NULL DEFAULT '[]';
ALTER TABLE bill_line
  ADD COLUMN price_minor BIGINT NOT NULL DEFAULT 0,
  MODIFY COLUMN reason VARCHAR(2000) NOT NULL;

-- What was offered to a customer, word for word; only ever marked.
CREATE TABLE quote (
  id               BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id           BIGINT       NOT NULL,
  ordinal          INT          NOT NULL,
  kit_code         VARCHAR(40)  NOT NULL,
  stamp            VARCHAR(40)  NOT NULL,
  bill             LONGTEXT     NOT NULL,
  charges          LONGTEXT     NOT NULL,
  not_taken        LONGTEXT     NOT NULL,
  made_by          VARCHAR(80)  NOT NULL,
  made_at          DATETIME(3)  NOT NULL,
  valid_until      DATE         NOT NULL,
  revision         INT          NULL,
  withdrawn_reason VARCHAR(400) NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  UNIQUE (job_id, ordinal)
);

-- Somebody else got what a job was promised, and what else a job must be told; put away when it is read.
CREATE TABLE job_notice (
  id      BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id  BIGINT       NOT NULL,
  said    VARCHAR(600) NOT NULL,
  said_by VARCHAR(80)  NOT NULL,
  said_at DATETIME(3)  NOT NULL,
  seen_by VARCHAR(80)  NULL,
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- Orders to suppliers. A line's state follows from what happened to it, which is only ever added.
CREATE TABLE purchase_order (
  id       BIGINT AUTO_INCREMENT PRIMARY KEY,
  supplier VARCHAR(80) NOT NULL,
  made_by  VARCHAR(80) NOT NULL,
  made_at  DATETIME(3) NOT NULL,
  closed   BOOLEAN     NOT NULL DEFAULT FALSE,
  INDEX order_open (closed, id)
);
CREATE TABLE purchase_order_line (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  order_id    BIGINT       NOT NULL,
  part_number VARCHAR(40)  NOT NULL,
  reason      VARCHAR(400) NOT NULL,
  price_minor BIGINT       NOT NULL,
  FOREIGN KEY (order_id) REFERENCES purchase_order (id),
  FOREIGN KEY (part_number) REFERENCES part (number),
  UNIQUE (order_id, part_number)
);
CREATE TABLE purchase_happening (
  id       BIGINT AUTO_INCREMENT PRIMARY KEY,
  line_id  BIGINT       NOT NULL,
  kind     VARCHAR(20)  NOT NULL,
  count    INT          NOT NULL,
  on_day   DATE         NULL,
  answer   INT          NOT NULL,
  note     VARCHAR(300) NOT NULL,
  done_by  VARCHAR(80)  NOT NULL,
  done_at  DATETIME(3)  NOT NULL,
  FOREIGN KEY (line_id) REFERENCES purchase_order_line (id)
);
CREATE TRIGGER happening_is_not_rewritten BEFORE UPDATE ON purchase_happening FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what happened to an order is only ever added to';
CREATE TRIGGER happening_is_not_shortened BEFORE DELETE ON purchase_happening FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what happened to an order is only ever added to';

-- How a line of a kit's contents was found when the box was opened; the last one of a line is in force.
CREATE TABLE kit_check_mark (
  id        BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id    BIGINT       NOT NULL,
  kit_code  VARCHAR(40)  NOT NULL,
  item      VARCHAR(160) NOT NULL,
  expected  INT          NOT NULL,
  found     INT          NOT NULL,
  fault     VARCHAR(12)  NOT NULL,
  note      VARCHAR(300) NOT NULL,
  marked_by VARCHAR(80)  NOT NULL,
  marked_at DATETIME(3)  NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  INDEX mark_job (job_id, id)
);

-- Serial and key numbers; the last one of a kind is in force.
CREATE TABLE kit_serial (
  id       BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id   BIGINT      NOT NULL,
  of_what  VARCHAR(20) NOT NULL,
  serial   VARCHAR(60) NOT NULL,
  noted_by VARCHAR(80) NOT NULL,
  noted_at DATETIME(3) NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  INDEX serial_number (of_what, serial)
);

CREATE TABLE bench_run (
  id       BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id   BIGINT        NOT NULL,
  volts    DECIMAL(6, 2) NOT NULL,
  passed   BOOLEAN       NOT NULL,
  note     VARCHAR(300)  NOT NULL,
  run_by   VARCHAR(80)   NOT NULL,
  run_at   DATETIME(3)   NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- What a supplier owes the shop; settled by a mark, never erased.
CREATE TABLE supplier_claim (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id     BIGINT       NULL,
  order_id   BIGINT       NULL,
  supplier   VARCHAR(80)  NOT NULL,
  part       VARCHAR(40)  NOT NULL,
  item       VARCHAR(160) NOT NULL,
  count      INT          NOT NULL,
  fault      VARCHAR(12)  NOT NULL,
  role       VARCHAR(40)  NOT NULL,
  blocks     BOOLEAN      NOT NULL,
  note       VARCHAR(300) NOT NULL,
  raised_by  VARCHAR(80)  NOT NULL,
  raised_at  DATETIME(3)  NOT NULL,
  settled_by VARCHAR(80)  NULL,
  settled_at DATETIME(3)  NULL,
  settlement VARCHAR(300) NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (order_id) REFERENCES purchase_order (id),
  INDEX claim_open (settled_at, job_id)
);

-- What is left half done says what whoever goes on must know.
ALTER TABLE step ADD COLUMN handover VARCHAR(700) NULL;

-- What happened to a job's steps is linked into a chain and only ever added to; what happened before this version has no link.
ALTER TABLE step_event ADD COLUMN hash CHAR(64) NULL;
CREATE TRIGGER step_event_is_not_rewritten BEFORE UPDATE ON step_event FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what happened to a step is only ever added to';
CREATE TRIGGER step_event_is_not_removed BEFORE DELETE ON step_event FOR EACH ROW
  SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'what happened to a step is only ever added to';

-- Who waits is asked at every look at a bill or the yard.
CREATE INDEX reservation_state ON reservation (state, part_number);
