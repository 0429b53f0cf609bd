-- How the shop makes a line's part: kind and measures. Who said that it is there, and when.
-- A piece of a stack that no drawer holds keeps how thick it is: what is found for it later is as thick.
ALTER TABLE bill_line
  ADD COLUMN making   VARCHAR(160) NULL,
  ADD COLUMN made_at  DATETIME(6)  NULL,
  ADD COLUMN made_by  VARCHAR(120) NULL,
  ADD COLUMN thick_um BIGINT       NULL;
