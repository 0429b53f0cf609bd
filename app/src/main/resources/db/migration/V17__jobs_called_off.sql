-- A job that does not go on as agreed: called off by its customer, or another kit takes its place. What was fitted comes off by steps, then
-- it is settled what comes back in which state and what is paid.
CREATE TABLE call_off (
  id         BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id     BIGINT       NOT NULL,
  kit_code   VARCHAR(40)  NOT NULL,
  why        VARCHAR(20)  NOT NULL,
  reason     VARCHAR(400) NOT NULL,
  said_by    VARCHAR(120) NULL,
  said_on    DATE         NULL,
  said_way   VARCHAR(12)  NULL,
  stays      LONGTEXT     NOT NULL,
  called_by  VARCHAR(80)  NOT NULL,
  called_at  DATETIME(3)  NOT NULL,
  ended      VARCHAR(12)  NULL,
  ended_by   VARCHAR(80)  NULL,
  ended_at   DATETIME(3)  NULL,
  note       VARCHAR(400) NOT NULL DEFAULT '',
  settlement LONGTEXT     NULL,
  version    INT          NOT NULL DEFAULT 0,
  FOREIGN KEY (job_id) REFERENCES job (id)
);
ALTER TABLE job ADD COLUMN called_off VARCHAR(12) NULL;
