-- Customers are found again by what is left of name and contact without case, accents and punctuation.
ALTER TABLE customer
  ADD COLUMN name_key    VARCHAR(120) NOT NULL DEFAULT '',
  ADD COLUMN contact_key VARCHAR(120) NOT NULL DEFAULT '',
  ADD INDEX customer_name_key (name_key),
  ADD INDEX customer_contact_key (contact_key);
UPDATE customer SET name_key = LOWER(name), contact_key = LOWER(REPLACE(REPLACE(REPLACE(contact, ' ', ''), '.', ''), ',', ''));

ALTER TABLE bike
  ADD COLUMN size VARCHAR(40) NOT NULL DEFAULT '',
  ADD INDEX bike_model (name, size);

-- Amounts of the rider's need in whole base units; absent where nothing was said.
ALTER TABLE job
  ADD COLUMN job_kind     VARCHAR(30)  NOT NULL DEFAULT 'DRIVE_KIT',
  ADD COLUMN legal_class  VARCHAR(20)  NOT NULL DEFAULT 'OPEN',
  ADD COLUMN wishes       VARCHAR(120) NOT NULL DEFAULT '',
  ADD COLUMN distance_metres   BIGINT NULL,
  ADD COLUMN climb_metres      BIGINT NULL,
  ADD COLUMN rider_grams      BIGINT NULL,
  ADD COLUMN cargo_grams      BIGINT NULL,
  ADD COLUMN speed_metres_hour     BIGINT NULL,
  ADD COLUMN budget_minor BIGINT NULL,
  ADD COLUMN gone_reason  VARCHAR(400) NULL;
UPDATE job SET distance_metres = daily_km * 1000 WHERE daily_km > 0;
ALTER TABLE job DROP COLUMN daily_km;

ALTER TABLE measure_reading ADD COLUMN amount BIGINT NULL;

-- The kits a job's survey asks for; without rows, all of them.
CREATE TABLE job_shortlist (
  job_id   BIGINT      NOT NULL,
  kit_code VARCHAR(40) NOT NULL,
  PRIMARY KEY (job_id, kit_code),
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- How a point of the arrival check was found; only ever added, the last one of a point is in force. A lifted stop is a new row.
CREATE TABLE condition_found (
  id          BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id      BIGINT       NOT NULL,
  point_key   VARCHAR(40)  NOT NULL,
  grade       VARCHAR(12)  NOT NULL,
  note        VARCHAR(400) NOT NULL,
  lift        VARCHAR(12)  NULL,
  lift_reason VARCHAR(400) NULL,
  found_by    VARCHAR(80)  NOT NULL,
  found_at    DATETIME(3)  NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  INDEX condition_job (job_id, point_key, id)
);

-- What was agreed with the customer when the bike came; only ever added.
CREATE TABLE arrival (
  id           BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id       BIGINT       NOT NULL,
  odometer_km  INT          NULL,
  frame_number VARCHAR(60)  NOT NULL,
  damage       VARCHAR(600) NOT NULL,
  agreed_by    VARCHAR(120) NOT NULL,
  noted_by     VARCHAR(80)  NOT NULL,
  noted_at     DATETIME(3)  NOT NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  INDEX arrival_job (job_id, id)
);

-- Pictures, made anew from what was uploaded: nothing of the file's own marks (place, camera) is kept.
CREATE TABLE photo (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id     BIGINT       NOT NULL,
  bike_id    BIGINT       NOT NULL,
  subject    VARCHAR(60)  NOT NULL,
  caption    VARCHAR(200) NOT NULL,
  width      INT          NOT NULL,
  height     INT          NOT NULL,
  marks      LONGTEXT     NULL,
  taken_by   VARCHAR(80)  NOT NULL,
  taken_at   DATETIME(3)  NOT NULL,
  removed_by VARCHAR(80)  NULL,
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  INDEX photo_bike (bike_id, id)
);
CREATE TABLE photo_bytes (
  photo_id BIGINT     PRIMARY KEY,
  picture  MEDIUMBLOB NOT NULL,
  small    MEDIUMBLOB NOT NULL,
  FOREIGN KEY (photo_id) REFERENCES photo (id)
);

-- Room below for the shop's earlier jobs; without effect once there are jobs.
ALTER TABLE job AUTO_INCREMENT = 396;
