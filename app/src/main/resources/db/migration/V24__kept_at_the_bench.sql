-- What was worked out at the bench for a job: what was typed, what it came to, by whom; never changed.
CREATE TABLE bench_result (
  id       BIGINT AUTO_INCREMENT PRIMARY KEY,
  job_id   BIGINT        NOT NULL,
  step_key VARCHAR(60)   NULL,
  tool     VARCHAR(20)   NOT NULL,
  given    MEDIUMTEXT    NOT NULL,
  sentence VARCHAR(1000) NOT NULL,
  figures  VARCHAR(1000) NOT NULL,
  kept_by  VARCHAR(80)   NOT NULL,
  kept_at  DATETIME(3)   NOT NULL,
  CONSTRAINT bench_result_job FOREIGN KEY (job_id) REFERENCES job (id),
  INDEX bench_result_of_job (job_id, id)
);
