-- People who sign in.
CREATE TABLE person (
  id            BIGINT AUTO_INCREMENT PRIMARY KEY,
  username      VARCHAR(60)  NOT NULL UNIQUE,
  display_name  VARCHAR(80)  NOT NULL,
  role          VARCHAR(20)  NOT NULL,
  password_hash VARCHAR(100) NOT NULL
);

CREATE TABLE customer (
  id      BIGINT AUTO_INCREMENT PRIMARY KEY,
  name    VARCHAR(120) NOT NULL,
  contact VARCHAR(120) NOT NULL,
  INDEX customer_name (name)
);

CREATE TABLE bike (
  id           BIGINT AUTO_INCREMENT PRIMARY KEY,
  customer_id  BIGINT       NOT NULL,
  kind         VARCHAR(30)  NOT NULL,
  name         VARCHAR(120) NOT NULL,
  frame_number VARCHAR(60)  NOT NULL,
  paint        VARCHAR(7)   NOT NULL,
  FOREIGN KEY (customer_id) REFERENCES customer (id),
  INDEX bike_frame (frame_number)
);

-- A job's id is its number on tag and papers.
CREATE TABLE job (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  bike_id    BIGINT       NOT NULL,
  wish       VARCHAR(400) NOT NULL,
  daily_km   INT          NOT NULL,
  arrives_on DATE         NOT NULL,
  place      VARCHAR(10)  NOT NULL,
  stand      INT          NULL,
  kit_code   VARCHAR(40)  NULL,
  version    INT          NOT NULL,
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  UNIQUE INDEX job_stand (stand),
  INDEX job_place (place)
) AUTO_INCREMENT = 401;

-- Readings are only ever added; the last one of a measure is in force.
CREATE TABLE measure_reading (
  id            BIGINT AUTO_INCREMENT PRIMARY KEY,
  bike_id       BIGINT       NOT NULL,
  measure_key   VARCHAR(60)  NOT NULL,
  value_um      BIGINT       NULL,
  plus_minus_um BIGINT       NULL,
  choice        VARCHAR(40)  NULL,
  tool          VARCHAR(20)  NOT NULL,
  entered       VARCHAR(60)  NOT NULL,
  taken_by      VARCHAR(80)  NOT NULL,
  taken_at      DATETIME(3)  NOT NULL,
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  INDEX reading_bike (bike_id, measure_key, id)
);

CREATE TABLE kit_sheet (
  code  VARCHAR(40) PRIMARY KEY,
  sheet LONGTEXT    NOT NULL
);

CREATE TABLE part (
  number        VARCHAR(40)  PRIMARY KEY,
  name          VARCHAR(120) NOT NULL,
  used_as       VARCHAR(40)  NOT NULL,
  place         VARCHAR(20)  NOT NULL,
  thickness_um  BIGINT       NULL,
  plus_minus_um BIGINT       NULL,
  inner_um      BIGINT       NULL,
  outer_um      BIGINT       NULL,
  INDEX part_use (used_as)
);

-- The stock ledger: on hand is the sum of the movements, never an edited number.
CREATE TABLE stock_movement (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  part_number VARCHAR(40)  NOT NULL,
  delta       INT          NOT NULL,
  kind        VARCHAR(20)  NOT NULL,
  job_id      BIGINT       NULL,
  note        VARCHAR(200) NOT NULL,
  moved_by    VARCHAR(80)  NOT NULL,
  moved_at    DATETIME(3)  NOT NULL,
  FOREIGN KEY (part_number) REFERENCES part (number),
  INDEX movement_part (part_number)
);

CREATE TABLE reservation (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id      BIGINT      NOT NULL,
  part_number VARCHAR(40) NOT NULL,
  count       INT         NOT NULL,
  state       VARCHAR(12) NOT NULL,
  role        VARCHAR(40) NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (part_number) REFERENCES part (number),
  CHECK (count > 0),
  INDEX reservation_part (part_number, state)
);

CREATE TABLE bill (
  id       BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id   BIGINT      NOT NULL,
  revision INT         NOT NULL,
  kit_code VARCHAR(40) NOT NULL,
  made_by  VARCHAR(80) NOT NULL,
  made_at  DATETIME(3) NOT NULL,
  withdrawn_reason VARCHAR(400) NULL,
  drawings LONGTEXT    NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  UNIQUE (job_id, revision)
);

CREATE TABLE bill_line (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  bill_id     BIGINT       NOT NULL,
  ordinal     INT          NOT NULL,
  source      VARCHAR(20)  NOT NULL,
  part_number VARCHAR(40)  NOT NULL,
  name        VARCHAR(160) NOT NULL,
  count       INT          NOT NULL,
  reason      VARCHAR(600) NOT NULL,
  check_id    VARCHAR(60)  NOT NULL,
  role        VARCHAR(40)  NOT NULL,
  place       VARCHAR(20)  NOT NULL,
  used_at     DATETIME(3)  NULL,
  FOREIGN KEY (bill_id) REFERENCES bill (id)
);

CREATE TABLE step (
  id           BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id       BIGINT       NOT NULL,
  ordinal      INT          NOT NULL,
  step_key     VARCHAR(60)  NOT NULL,
  body         LONGTEXT     NOT NULL,
  state        VARCHAR(12)  NOT NULL,
  doer         VARCHAR(80)  NULL,
  started_at   DATETIME(3)  NULL,
  done_at      DATETIME(3)  NULL,
  inspected_by VARCHAR(80)  NULL,
  inspected_at DATETIME(3)  NULL,
  stuck_reason VARCHAR(400) NULL,
  stuck_since  DATETIME(3)  NULL,
  version      INT          NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  UNIQUE (job_id, step_key)
);

-- Everything that happened to a step; only ever added.
CREATE TABLE step_event (
  id       BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id   BIGINT       NOT NULL,
  step_key VARCHAR(60)  NOT NULL,
  what     VARCHAR(20)  NOT NULL,
  detail   VARCHAR(600) NOT NULL,
  done_by  VARCHAR(80)  NOT NULL,
  done_at  DATETIME(3)  NOT NULL,
  INDEX step_event_job (job_id, id)
);

CREATE TABLE step_figure (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  step_id    BIGINT         NOT NULL,
  figure_key VARCHAR(40)    NOT NULL,
  reading    DECIMAL(12, 3) NOT NULL,
  passed     BOOLEAN        NOT NULL,
  read_by    VARCHAR(80)    NOT NULL,
  read_at    DATETIME(3)    NOT NULL,
  FOREIGN KEY (step_id) REFERENCES step (id)
);

-- Written in the same transaction as the change it tells of; every application instance feeds its live screens from here.
CREATE TABLE live_event (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  topic       VARCHAR(20) NOT NULL,
  job_id      BIGINT      NULL,
  happened_at DATETIME(3) NOT NULL,
  INDEX live_event_at (happened_at)
);

-- A command that a screen repeats is answered from here and not carried out twice.
CREATE TABLE command_receipt (
  command_key VARCHAR(80)  PRIMARY KEY,
  answer      LONGTEXT     NULL,
  taken_at    DATETIME(3)  NOT NULL
);

CREATE TABLE SPRING_SESSION (
	PRIMARY_ID CHAR(36) NOT NULL,
	SESSION_ID CHAR(36) NOT NULL,
	CREATION_TIME BIGINT NOT NULL,
	LAST_ACCESS_TIME BIGINT NOT NULL,
	MAX_INACTIVE_INTERVAL INT NOT NULL,
	EXPIRY_TIME BIGINT NOT NULL,
	PRINCIPAL_NAME VARCHAR(100),
	PRIMARY KEY (PRIMARY_ID)
) ENGINE=InnoDB ROW_FORMAT=DYNAMIC;

CREATE UNIQUE INDEX SPRING_SESSION_IX1 ON SPRING_SESSION (SESSION_ID);
CREATE INDEX SPRING_SESSION_IX2 ON SPRING_SESSION (EXPIRY_TIME);
CREATE INDEX SPRING_SESSION_IX3 ON SPRING_SESSION (PRINCIPAL_NAME);

CREATE TABLE SPRING_SESSION_ATTRIBUTES (
	SESSION_PRIMARY_ID CHAR(36) NOT NULL,
	ATTRIBUTE_NAME VARCHAR(200) NOT NULL,
	ATTRIBUTE_BYTES BLOB NOT NULL,
	PRIMARY KEY (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
	CONSTRAINT SPRING_SESSION_ATTRIBUTES_FK FOREIGN KEY (SESSION_PRIMARY_ID) REFERENCES SPRING_SESSION(PRIMARY_ID) ON DELETE CASCADE
) ENGINE=InnoDB ROW_FORMAT=DYNAMIC;
