-- How many events of a job have been cleared away: whoever goes by how much a job has seen never sees the count go back.
CREATE TABLE live_event_gone (
  job_id  BIGINT      NOT NULL,
  topic   VARCHAR(12) NOT NULL,
  events  BIGINT      NOT NULL,
  PRIMARY KEY (job_id, topic)
);
CREATE INDEX command_receipt_taken ON command_receipt (taken_at);
CREATE INDEX device_reading_sent ON device_reading (sent_at);
